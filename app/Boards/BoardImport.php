<?php

declare(strict_types=1);

namespace App\Boards;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Turns;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Records\Board\FeederDocument;

/**
 * A board from a file of the open format, with the boards below it. Circuits that the site has by tag stay as they are and lie on the
 * board from then on; those that it has not are made.
 */
final readonly class BoardImport
{
    /** Of a circuit on its board, and no longer of the board. */
    private const OWN = ['format', 'tag', 'rule_book', 'circuits', 'boards'];

    public function __construct(private BoardStore $boards, private CircuitStore $circuits)
    {
    }

    /**
     * As a whole or not at all.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws Problem where it is no board, or of another rule book
     */
    public function take(Site $site, array $document, Person $person): Board
    {
        return Turns::at($site, fn (Site $locked): Board => $this->board($locked, $document, null, $person, 'document'));
    }

    /** @param  array<array-key, mixed>  $document */
    private function board(Site $site, array $document, ?Board $above, Person $person, string $at): Board
    {
        $tag = is_string($document['tag'] ?? null) ? trim($document['tag']) : '';
        if (($document['format'] ?? FeederDocument::FORMAT) !== FeederDocument::FORMAT || $tag === '' || mb_strlen($tag) > 30) {
            throw self::refused($at, 'This is not a board with a tag.', 'A board file of this program, '.FeederDocument::FORMAT.'.');
        }
        if (($document['rule_book'] ?? $site->rule_book) !== $site->rule_book) {
            throw self::refused($at.'.rule_book', 'This board has another rule book than the site.', 'The rule book of the site.');
        }
        $placed = [];
        $circuits = is_array($document['circuits'] ?? null) ? array_values($document['circuits']) : [];
        if (count($circuits) > FeederDocument::MOST_CIRCUITS) {
            throw self::refused($at.'.circuits', 'Too many circuits for one board.', 'No more than '.FeederDocument::MOST_CIRCUITS.'.');
        }
        foreach ($circuits as $i => $circuit) {
            if (! is_array($circuit) || ! is_string($circuit['tag'] ?? null) || trim($circuit['tag']) === '') {
                throw self::refused("$at.circuits.$i", 'This circuit has no tag.', 'Each circuit with its own tag.');
            }
            $placed[] = [
                'id' => $this->circuit($site, $circuit, $person)->id, 'place' => is_array($circuit['board'] ?? null)
                    ? $circuit['board'] : [],
            ];
        }
        $board = $this->boards->make($site, $tag, $person);
        $board = $this->boards->save(
            $board, $board->version, $tag, $above?->id, array_diff_key($document, array_flip(self::OWN)), $placed, $person,
        );
        foreach (is_array($document['boards'] ?? null) ? array_values($document['boards']) : [] as $i => $below) {
            if (is_array($below)) {
                $this->board($site, $below, $board, $person, "$at.boards.$i");
            }
        }

        return $board->refresh();
    }

    /** @param  array<array-key, mixed>  $document */
    private function circuit(Site $site, array $document, Person $person): Circuit
    {
        $tag = is_string($document['tag'] ?? null) ? trim($document['tag']) : '';
        $known = Circuit::query()->where('site_id', $site->id)->where('tag', $tag)->whereNull('archived_at')->first();
        if ($known !== null) {
            return $known;
        }
        unset($document['board']);

        return $this->circuits->create($site, CircuitDocument::from([
            ...$document, 'format' => CircuitReader::FORMAT, 'rule_book' => $site->rule_book,
        ]), $person);
    }

    private static function refused(string $path, string $text, string $accepted): Problem
    {
        return new Problem(422, 'invalid', 'This file cannot be read', $text, [
            ['path' => $path, 'text' => $text, 'accepted' => $accepted],
        ]);
    }
}
