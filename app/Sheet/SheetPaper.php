<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Round;
use App\Models\RoundCheck;
use App\Schedules\Schedule;
use App\Sheet\Picture\Drawing;
use App\Sheet\Picture\QrCode;
use BraveAnvil\Records\Sheet\SealedSheet;

/** The door card or the file sheet of one record, as markup and style: the same for the page and for the PDF. */
final readonly class SheetPaper
{
    private function __construct(public string $name, public string $html, public string $css, public string $foot)
    {
    }

    /**
     * @param  string  $address  of the circuit, for the code; empty: without one
     */
    public static function doorCard(SealedSheet $sheet, string $mark, string $address): self
    {
        $card = new DoorCard(new SheetContent($sheet->record));
        $html = view('sheet.door', ['card' => $card, ...self::common($sheet, $mark, $address)])->render();

        return new self('door', $html, self::css([$card->box]), self::foot($sheet));
    }

    /**
     * @param  string  $address  of the circuit, for the code
     */
    public static function fileSheet(SealedSheet $sheet, string $mark, string $address): self
    {
        $file = new FileSheet(new SheetContent($sheet->record));
        $html = view('sheet.file', ['sheet' => $file, ...self::common($sheet, $mark, $address)])->render();

        return new self('file', $html, self::css([$file->box, $file->runUp, $file->timeCurrent]), self::foot($sheet));
    }

    /**
     * The paper of a record by its name, of a circuit or of a board.
     *
     * @param  string  $name  `door` or `file`
     * @param  string  $address  for the code
     */
    public static function of(string $name, SealedSheet $sheet, string $mark, string $address): self
    {
        $isOfBoard = isset($sheet->record['board_id']);

        return match (true) {
            $isOfBoard && $name === 'door' => self::directory($sheet, $mark, $address),
            $isOfBoard => self::boardSheet($sheet, $mark, $address),
            $name === 'door' => self::doorCard($sheet, $mark, $address),
            default => self::fileSheet($sheet, $mark, $address),
        };
    }

    private static function boardSheet(SealedSheet $sheet, string $mark, string $address): self
    {
        $file = new BoardSheet(new SheetContent($sheet->record));
        $html = view('sheet.board', ['sheet' => $file, ...self::common($sheet, $mark, $address)])->render();

        return new self('file', $html, self::css([$file->oneLine]), self::foot($sheet));
    }

    /** What hangs in the door of a board: its circuits, what feeds it, and what to beware of. */
    private static function directory(SealedSheet $sheet, string $mark, string $address): self
    {
        $html = view('sheet.directory', [
            'sheet' => new BoardSheet(new SheetContent($sheet->record)), ...self::common($sheet, $mark, $address),
        ])->render();

        return new self('door', $html, self::css([]), self::foot($sheet));
    }

    /** A schedule of a site, across. */
    public static function schedule(Schedule $schedule, string $site, string $edition, string $date): self
    {
        $html = view('sheet.schedule', [
            'title' => $schedule->name->title(), 'site' => $site, 'edition' => $edition, 'date' => $date, 'heads' => $schedule->heads(),
            'rows' => $schedule->rows,
        ])->render();

        return new self('schedule', $html, self::css([]), $schedule->name->title().', '.$site.', '.$date);
    }

    /**
     * What a round found otherwise than it should be.
     *
     * @param  list<array{circuit: int, tag: string, drives: string, check: RoundCheck}>  $defects
     * @param  int  $motors  on the round
     */
    public static function defects(Round $round, array $defects, int $motors): self
    {
        $where = implode(', ', array_filter([$round->site->name, $round->area]));
        $html = view('sheet.defects', ['round' => $round, 'where' => $where, 'defects' => $defects, 'motors' => $motors])->render();

        return new self('schedule', $html, self::css([]), 'Round, '.$where.', '.$round->created_at->toDateString());
    }

    /** @return array<string, mixed> */
    private static function common(SealedSheet $sheet, string $mark, string $address): array
    {
        $record = $sheet->record;
        $revision = is_array($record['revision'] ?? null) ? $record['revision'] : null;

        return [
            'content' => new SheetContent($record), 'mark' => $mark, 'address' => $address,
            'code' => $address === '' ? '' : QrCode::of($address),
            'revision' => $revision, 'asFound' => ($revision['kind'] ?? '') === SheetKind::AsFound->value,
            'kind' => SheetKind::tryFrom(is_string($revision['kind'] ?? null) ? $revision['kind'] : '')?->label() ?? '',
            'seal' => self::isSigned($record) ? substr($sheet->seal(), 0, SealedSheet::PRINTED) : '',
        ];
    }

    /** What stands at the foot of each page. */
    private static function foot(SealedSheet $sheet): string
    {
        $record = $sheet->record;
        $revision = is_array($record['revision'] ?? null) ? $record['revision'] : [];
        $number = is_int($revision['number'] ?? null) ? 'revision '.$revision['number'] : 'draft, not saved as a revision';

        return implode(', ', array_filter([
            is_string($record['tag'] ?? null) ? $record['tag'] : '', $number,
            self::isSigned($record) ? 'seal '.substr($sheet->seal(), 0, SealedSheet::PRINTED) : '',
        ]));
    }

    /** @param  array<string, mixed>  $record */
    private static function isSigned(array $record): bool
    {
        foreach (is_array($record['signatures'] ?? null) ? $record['signatures'] : [] as $signature) {
            if (is_array($signature) && ($signature['as'] ?? '') === 'reviewed and issued') {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Drawing|null>  $drawings */
    private static function css(array $drawings): string
    {
        $css = view('sheet.style')->render();
        foreach ($drawings as $drawing) {
            $css .= $drawing?->css() ?? '';
        }

        return $css;
    }
}
