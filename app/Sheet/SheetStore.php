<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Boards\BoardTree;
use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Revision;
use App\Models\RevisionStep;
use App\Models\Sheet;
use App\Problems\Problem;
use App\Record\Stored;
use App\Record\Turns;
use BraveAnvil\Circuit\SiteSettings;
use BraveAnvil\Ground\Canonical;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/**
 * The way of a revision: sent to review, returned or issued, superseded or withdrawn. Each step is refused with its reason, or kept for
 * ever.
 */
final class SheetStore
{
    private const TRIES = 5;

    private const TRIES_SECONDS = 60;

    /** @throws Problem when it is not a draft, another one is in review, or something stands against a sheet for use */
    public function send(Revision $revision, SheetKind $kind, string $remark, Person $person): Revision
    {
        return $this->locked($revision, function (Revision $revision) use ($kind, $remark, $person): void {
            self::want($revision, RevisionState::Draft, RevisionState::Returned);
            $other = Revision::inState($revision->subject(), RevisionState::InReview);
            if ($other !== null) {
                throw new Problem(409, 'in_review', 'Another revision is in review',
                    "Revision $other->number is already in review.");
            }
            if (json_decode($revision->context ?? '', true) === null) {
                throw new Problem(
                    409, 'kept_early', 'Revision from an earlier version',
                    'This revision was saved without its site and readings. Save the present draft as a new revision and send that.',
                );
            }
            $hindrances = SheetRecord::hindrances($revision);
            if ($kind === SheetKind::ForUse && $hindrances !== []) {
                throw new Problem(
                    422, 'not_for_use', 'Cannot be issued for use', 'Fix the listed problems, or send it “as found”.',
                    array_map(static fn (string $text): array => ['path' => 'kind', 'text' => $text, 'accepted' => ''], $hindrances),
                );
            }
            $this->step($revision, 'sent', $person, $remark, $kind->value);
        });
    }

    /** @throws Problem when it is not in review, or the person prepared it */
    public function return(Revision $revision, string $remark, Person $person): Revision
    {
        return $this->locked($revision, function (Revision $revision) use ($remark, $person): void {
            self::want($revision, RevisionState::InReview);
            self::notPreparer($revision, $person);
            $this->step($revision, 'returned', $person, $remark);
        });
    }

    /**
     * Signs a revision: what it rests on is sealed, and the one that was in force is out of force.
     *
     * @param  array<string, string>  $decisions  by key of what is taken on or decided: a reason, or an empty text for a plain yes
     * @param  list<string>  $taken  keys that were ticked
     *
     * @throws Problem when it is not in review, the person prepared it, the password is wrong, or something is left undecided
     */
    public function issue(Revision $revision, string $password, array $decisions, array $taken, string $remark, Person $person): Revision
    {
        $this->password($password, $person);

        return $this->locked($revision, function (Revision $revision) use ($decisions, $taken, $remark, $person): void {
            self::want($revision, RevisionState::InReview);
            self::notPreparer($revision, $person);
            self::changedNothing($revision, $person);
            $kept = [];
            $errors = [];
            foreach (SheetRecord::questions($revision) as $question) {
                $why = trim($decisions[$question['key']] ?? '');
                $ticked = in_array($question['key'], $taken, true) && ! $question['wants_words'];
                if (! $ticked && $why === '') {
                    $errors[] = [
                        'path' => 'decisions.'.$question['key'],
                        'text' => $question['wants_words'] ? 'Enter the decision.' : 'Accept it, or write why it is acceptable.',
                        'accepted' => '',
                    ];
                }
                $kept[] = ['key' => $question['key'], 'says' => $question['says'], 'decided' => $why !== '' ? $why : 'accepted'];
            }
            if ($errors !== []) {
                throw new Problem(422, 'undecided', 'Some items need a decision', 'See the marked items.', $errors);
            }
            $this->step($revision, 'issued', $person, $remark, $revision->kind(), $kept);
            $before = Revision::inState($revision->subject(), RevisionState::Issued, but: $revision->id);
            if ($before !== null) {
                $this->step($before, 'superseded', $person, "By revision $revision->number.");
            }
            $sealed = SheetRecord::of($revision->refresh()->load('author', 'steps.person'));
            Sheet::query()->create(['revision_id' => $revision->id, 'record' => $sealed->toJson(), 'sha256' => $sealed->seal()]);
        });
    }

    /** @throws Problem when it is not in force */
    public function withdraw(Revision $revision, string $why, Person $person): Revision
    {
        return $this->locked($revision, function (Revision $revision) use ($why, $person): void {
            self::want($revision, RevisionState::Issued);
            $this->step($revision, 'withdrawn', $person, $why);
        });
    }

    /** @throws Problem at its field, or when it was tried too often */
    private function password(string $password, Person $person): void
    {
        $key = 'sign:'.$person->id;
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw new Problem(429, 'too_many', 'Too many attempts', 'Wait one minute, then sign again.');
        }
        if (! Hash::check($password, $person->password)) {
            RateLimiter::hit($key, self::TRIES_SECONDS);
            throw new Problem(422, 'wrong_password', 'Not signed', 'This is not your password.', [
                ['path' => 'password', 'text' => 'This is not your password.', 'accepted' => 'Enter the password you sign in with.'],
            ]);
        }
        RateLimiter::clear($key);
    }

    /** The revision in force, or in review, that a circuit is still the same as: what was typed, its site's settings and its readings. */
    public static function unchanged(CircuitDocument $document, Circuit $circuit): ?Revision
    {
        $now = Canonical::text([$document->data, self::restsOn(CircuitStore::context($circuit))]);
        foreach ([RevisionState::Issued, RevisionState::InReview] as $state) {
            $kept = Revision::inState($circuit, $state);
            if ($kept !== null && is_array($context = json_decode($kept->context ?? '', true))
                && Canonical::text([CircuitDocument::from(Stored::map($kept->draft))->data, self::restsOn($context)]) === $now) {
                return $kept->load('author', 'steps.person');
            }
        }

        return null;
    }

    /** Whether a board is still as a revision of it was kept: what was entered, above and below it, and its circuits. */
    public static function isStill(Revision $kept, BoardTree $tree, Board $board): bool
    {
        return Canonical::text([Stored::map($kept->draft), Stored::map($kept->context ?? '{}')['above'] ?? []])
            === Canonical::text([$tree->document($board), $tree->aboveOf($board)]);
    }

    /** What alone has changed since the sheet in force, in a sentence; empty where more has, or nothing is in force. */
    public static function since(CircuitDocument $document, Circuit $circuit): string
    {
        $kept = Revision::inState($circuit, RevisionState::Issued);
        $context = $kept === null ? [] : Stored::map($kept->context ?? '{}');
        if ($kept === null || $circuit->board === null) {
            return '';
        }
        $apart = static function (array $context): array {
            $settings = is_array($context['settings'] ?? null) ? $context['settings'] : [];
            unset($settings[SiteSettings::BOARD_FEED]);

            return [$settings, $context['readings'] ?? []];
        };
        $isSame = Canonical::text([CircuitDocument::from(Stored::map($kept->draft))->data, $apart($context)])
            === Canonical::text([$document->data, $apart(CircuitStore::context($circuit))]);

        return $isSame ? 'Only what board '.$circuit->board->tag." gives has changed since revision $kept->number." : '';
    }

    /**
     * @param  array<array-key, mixed>  $context
     * @return array<array-key, mixed>
     */
    private static function restsOn(array $context): array
    {
        return [$context['settings'] ?? [], $context['readings'] ?? []];
    }

    /** @param  callable(Revision): void  $do  with the revision, while nobody else moves one of the same circuit or board */
    private function locked(Revision $revision, callable $do): Revision
    {
        Turns::at($revision->subject(), static function () use ($revision, $do): void {
            $do(Revision::query()->with('author', 'steps.person')->findOrFail($revision->id));
        });

        return Revision::query()->with('author', 'steps.person')->findOrFail($revision->id);
    }

    private static function want(Revision $revision, RevisionState $wanted, RevisionState ...$or): void
    {
        $state = $revision->state();
        if (! in_array($state, [$wanted, ...$or], true)) {
            throw new Problem(
                409, 'wrong_state', 'Status has changed',
                'Revision '.$revision->number.' is now '.$state->label().'; it is no longer '.$wanted->label().'.',
            );
        }
    }

    private static function notPreparer(Revision $revision, Person $person): void
    {
        $sender = $revision->steps->last(static fn (RevisionStep $step): bool => $step->step === 'sent');
        if ($revision->created_by === $person->id || $sender?->person_id === $person->id) {
            throw new Problem(403, 'prepared_it', 'A second person must sign', 'The person who prepared the sheet cannot review it.');
        }
    }

    /** Two people look at every figure: whoever typed a value signs no sheet that rests on it, whoever kept and sent it. */
    private static function changedNothing(Revision $revision, Person $person): void
    {
        if (in_array($person->id, array_column(SheetRecord::changedBy($revision), 'id'), true)) {
            throw new Problem(
                403, 'changed_it', 'A second person must sign',
                'You changed what this sheet rests on after the last one was issued. Another person must sign this one.',
            );
        }
    }

    /** @param  list<array{key: string, says: string, decided: string}>  $decisions */
    private function step(Revision $revision, string $step, Person $person, string $remark, string $kind = '',
        array $decisions = []): void
    {
        RevisionStep::query()->create([
            'revision_id' => $revision->id, 'step' => $step, 'kind' => $kind, 'remark' => trim($remark), 'person_id' => $person->id,
            'decisions' => json_encode($decisions, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
        ]);
    }
}
