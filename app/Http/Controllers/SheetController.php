<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\BoardRecord;
use App\Boards\BoardTree;
use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Exchange\WorkbookFormat;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Paper;
use App\Models\Revision;
use App\Models\Sheet;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Record\Stored;
use App\Sheet\RevisionState;
use App\Sheet\SheetKind;
use App\Sheet\SheetPaper;
use App\Sheet\SheetPdf;
use App\Sheet\SheetRecord;
use App\Sheet\SheetStore;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Records\Board\BoardForm;
use BraveAnvil\Records\Sheet\BoardChanges;
use BraveAnvil\Records\Sheet\Change;
use BraveAnvil\Records\Sheet\Changes;
use BraveAnvil\Records\Sheet\GraveFinding;
use BraveAnvil\Records\Sheet\Moved;
use BraveAnvil\Records\Sheet\SealedSheet;
use BraveAnvil\Tables\Tables;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The sheet of a circuit or a board: looked at before it is kept, sent to review, signed, compared, taken along. */
final class SheetController
{
    public function __construct(private readonly SheetStore $sheets, private readonly CircuitStore $circuits)
    {
    }

    /**
     * The draft as it stands on the screen, as door card or file sheet; nothing is kept. Where nothing has changed since the revision in
     * force, or in review, it is that one's.
     */
    #[Call('PaperAnswer', takes: 'AskedPaper')]
    public function preview(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);
        $request->validate(['paper' => ['required', Rule::in(['door', 'file'])], 'circuit' => ['required', 'array']]);
        $typed = json_decode($request->getContent(), true, 20);
        $document = CircuitDocument::from(is_array($typed) ? $typed['circuit'] ?? null : null);
        $circuit->load('site');
        $name = $request->string('paper')->toString();
        $kept = SheetStore::unchanged($document, $circuit);
        if ($kept !== null) {
            return self::paper($request, $name, Sheet::sealedOf($kept), $kept->state()->mark(), $circuit, $kept);
        }
        // A door card shows nothing that takes long to work out: it follows what is typed.
        $solution = $name === 'door'
            ? $this->circuits->solve($document, $circuit->site, $circuit) : $this->circuits->solveForSheet($document, $circuit);
        $sheet = SheetRecord::unkept($document->data, $solution, CircuitStore::context($circuit), $circuit->id);

        return self::paper($request, $name, $sheet, RevisionState::Draft->mark(), $circuit, since: SheetStore::since($document,
            $circuit));
    }

    /** A board as it is now, as directory of its door or as sheet for the file; nothing is kept. */
    #[Call('PaperAnswer')]
    public function board(Request $request, Board $board, string $paper): JsonResponse
    {
        Signed::person($request);
        $tree = BoardTree::around($board);
        foreach ([RevisionState::Issued, RevisionState::InReview] as $state) {
            $kept = Revision::inState($board, $state);
            if ($kept !== null && SheetStore::isStill($kept, $tree, $board)) {
                return self::paper($request, $paper, Sheet::sealedOf($kept->load('author', 'steps.person')), $state->mark(), $board,
                    $kept);
            }
        }
        $record = BoardRecord::of($tree, $board);

        return self::paper($request, $paper, $record->sealed($board->id, null, [], []), RevisionState::Draft->mark(), $board);
    }

    /** A kept revision as door card or file sheet. */
    #[Call('PaperAnswer')]
    public function show(Request $request, Revision $revision, string $paper): JsonResponse
    {
        Signed::person($request);
        $revision->load('author', 'steps.person');

        return self::paper($request, $paper, Sheet::sealedOf($revision), $revision->state()->mark(), $revision->subject(), $revision);
    }

    #[Call(Call::FILE)]
    public function doorPdf(Request $request, Revision $revision): Response
    {
        Signed::person($request);
        $revision->load('author', 'steps.person');
        $paper = SheetPaper::of('door', Sheet::sealedOf($revision), $revision->state()->mark(),
            $request->getSchemeAndHttpHost().$revision->subject()->address());

        return new Response(SheetPdf::of($paper), 200, self::pdf(self::fileName($revision, 'door-card')));
    }

    /** The sealed record, as it was signed. */
    #[Call(Call::FILE)]
    public function record(Request $request, Revision $revision): Response
    {
        Signed::person($request);
        $sheet = Sheet::query()->where('revision_id', $revision->id)->firstOrFail();

        return new Response($sheet->record, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.self::fileName($revision, 'record').'.json"',
        ]);
    }

    /** What whoever signs this revision is asked, and what it has otherwise than the one in force. */
    #[Call('ReviewAnswer')]
    public function review(Request $request, Revision $revision): JsonResponse
    {
        Signed::person($request);
        $revision->load('author', 'steps.person');
        $before = Revision::inState($revision->subject(), RevisionState::Issued, but: $revision->id);

        return new JsonResponse([
            'revision' => $revision->row(), 'questions' => SheetRecord::questions($revision),
            'hindrances' => SheetRecord::hindrances($revision),
            'changed_by' => array_column(SheetRecord::changedBy($revision), 'name'),
            'compared_with' => $before === null ? null : ['id' => $before->id, 'number' => $before->number, 'name' => $before->name],
            'changes' => $before === null ? [] : self::changes($before, $revision),
            'main' => array_map(static fn (Moved $one): array => $one->toArray(), Moved::between(
                $before === null ? null : Stored::map($before->solution), Stored::map($revision->solution),
            )),
            'findings' => self::findings($before, $revision),
        ]);
    }

    /** What one revision has otherwise than another of the same circuit or board. */
    #[Call('CompareAnswer')]
    public function compare(Request $request, Revision $revision, Revision $other): JsonResponse
    {
        Signed::person($request);
        if ([$revision->circuit_id, $revision->board_id] !== [$other->circuit_id, $other->board_id]) {
            throw new Problem(422, 'other_circuit', 'Two circuits', 'Choose two revisions of the same circuit or board.');
        }

        return new JsonResponse(['changes' => self::changes($revision, $other)]);
    }

    #[Call('RevisionRow', takes: 'SentSheet')]
    public function send(Request $request, Revision $revision): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['kind' => ['required', Rule::enum(SheetKind::class)], 'remark' => ['nullable', 'string', 'max:1000']]);
        $kind = SheetKind::from($request->string('kind')->toString());

        $sent = $this->sheets->send($revision, $kind, $request->string('remark')->toString(), $person);

        return self::moved($request, Happening::SheetSent, $sent);
    }

    #[Call('RevisionRow', takes: 'ReturnedSheet')]
    public function return(Request $request, Revision $revision): JsonResponse
    {
        $person = Signed::reviewer($request);
        $request->validate(['remark' => ['required', 'string', 'max:1000']]);

        return self::moved(
            $request, Happening::SheetReturned, $this->sheets->return($revision, $request->string('remark')->toString(), $person),
        );
    }

    #[Call('RevisionRow', takes: 'SignedSheet')]
    public function issue(Request $request, Revision $revision): JsonResponse
    {
        $person = Signed::reviewer($request);
        $request->validate([
            'password' => ['required', 'string', 'max:200'], 'remark' => ['nullable', 'string', 'max:1000'],
            'decisions' => ['present', 'array', 'max:200'], 'decisions.*.key' => ['required', 'string', 'max:500'],
            'decisions.*.taken' => ['required', 'boolean'], 'decisions.*.why' => ['nullable', 'string', 'max:500'],
        ]);
        $reasons = [];
        $taken = [];
        foreach ($request->array('decisions') as $decision) {
            $key = is_array($decision) && is_string($decision['key'] ?? null) ? $decision['key'] : '';
            $reasons[$key] = is_array($decision) && is_string($decision['why'] ?? null) ? $decision['why'] : '';
            if (is_array($decision) && ($decision['taken'] ?? false) === true) {
                $taken[] = $key;
            }
        }

        $issued = $this->sheets->issue(
            $revision, $request->string('password')->toString(), $reasons, $taken, $request->string('remark')->toString(), $person,
        );

        return self::moved($request, Happening::SheetIssued, $issued);
    }

    #[Call('RevisionRow', takes: 'Why')]
    public function withdraw(Request $request, Revision $revision): JsonResponse
    {
        $person = Signed::reviewer($request);
        $request->validate(['why' => ['required', 'string', 'max:1000']]);

        return self::moved(
            $request, Happening::SheetWithdrawn, $this->sheets->withdraw($revision, $request->string('why')->toString(), $person),
        );
    }

    private static function moved(Request $request, Happening $what, Revision $revision): JsonResponse
    {
        $subject = $revision->subject();
        HouseRecord::note($request, $what, ($subject instanceof Board ? 'board ' : '').$subject->tag.', revision '.
            $revision->number.': '.$revision->name);

        return new JsonResponse($revision->row());
    }

    /** Asks the workers for the file sheet as PDF. */
    #[Call('PaperJob')]
    public function ask(Request $request, Revision $revision): JsonResponse
    {
        $person = Signed::person($request);
        $paper = Paper::ask($person, [
            'name' => 'file_sheet', 'revision_id' => $revision->id, 'origin' => $request->getSchemeAndHttpHost(),
        ]);

        return new JsonResponse($paper->resource(), 202);
    }

    #[Call('PaperJob')]
    public function asked(Request $request, Paper $job): JsonResponse
    {
        $paper = $job;
        self::own($request, $paper);

        return new JsonResponse($paper->resource());
    }

    #[Call('PaperJob')]
    public function cancel(Request $request, Paper $job): JsonResponse
    {
        $paper = $job;
        self::own($request, $paper);
        Paper::query()->whereKey($paper->id)->whereIn('state', ['waiting', 'under_way'])->update(['state' => 'cancelled']);

        return new JsonResponse($paper->refresh()->resource());
    }

    #[Call(Call::FILE)]
    public function download(Request $request, Paper $job): BinaryFileResponse
    {
        $paper = $job;
        self::own($request, $paper);
        $file = storage_path('app/papers/'.$paper->file);
        if ($paper->state !== 'done' || ! is_file($file)) {
            throw new Problem(404, 'no_paper', 'No document', 'This document is not ready, or has expired. Create it again.');
        }
        if ($paper->revision_id === null) {
            [$name, $as] = explode('.', $paper->name);

            return new BinaryFileResponse($file, 200, $as === 'pdf' ? self::pdf($name) : [
                'Content-Type' => WorkbookFormat::tryFrom($as)?->mediaType() ?? 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"$name.$as\"",
                'Cache-Control' => 'private, no-store',
            ]);
        }
        $paper->load('revision');
        $name = $paper->revision === null ? $paper->name : self::fileName($paper->revision, str_replace('_', '-', $paper->name));

        return new BinaryFileResponse($file, 200, self::pdf($name));
    }

    private static function paper(
        Request $request,
        string $name,
        SealedSheet $sheet,
        string $mark,
        Circuit|Board $subject,
        ?Revision $of = null,
        string $since = '',
    ): JsonResponse {
        $paper = SheetPaper::of($name, $sheet, $mark, $request->getSchemeAndHttpHost().$subject->address());

        return new JsonResponse(['html' => $paper->html, 'css' => $paper->css, 'foot' => $paper->foot, 'revision' => $of?->row(),
            'since' => $since]);
    }

    /** @return list<array{grade: string, title: string, text: string, is_new: bool}> the stops and cautions of a revision */
    private static function findings(?Revision $before, Revision $after): array
    {
        $known = $before === null ? [] : GraveFinding::of(Stored::map($before->solution));
        $told = [];
        foreach (GraveFinding::of(Stored::map($after->solution)) as $key => $one) {
            $told[] = [
                'grade' => $one->grade, 'title' => $one->title, 'text' => $one->text,
                'is_new' => $before !== null && ! isset($known[$key]),
            ];
        }

        return $told;
    }

    /** @return list<array<string, mixed>> */
    private static function changes(Revision $before, Revision $after): array
    {
        $subject = $after->subject();
        if ($subject instanceof Board) {
            $book = (new RuleBooks(Tables::shipped()))->named($subject->site->rule_book);

            return $book === null ? [] : array_map(static fn (Change $change): array => $change->toArray(),
                (new BoardChanges(new BoardForm($book)))->between(
                    Stored::map($before->draft), Stored::map($after->draft), Stored::map($before->solution),
                    Stored::map($after->solution),
                ));
        }
        // What a site says counts like what is typed: it may be what changed.
        $typed = static function (Revision $revision): array {
            $settings = Stored::map($revision->context ?? '{}')['settings'] ?? [];

            return CircuitDocument::from(Stored::map($revision->draft))->withSettings(is_array($settings) ? $settings : []);
        };

        return array_map(static fn (Change $change): array => $change->toArray(), Changes::between(
            $typed($before), $typed($after), Stored::map($before->solution), Stored::map($after->solution),
        ));
    }

    private static function own(Request $request, Paper $paper): void
    {
        if (Signed::person($request)->id !== $paper->asked_by) {
            throw new Problem(404, 'no_paper', 'No document', 'This document does not exist.');
        }
    }

    private static function fileName(Revision $revision, string $what): string
    {
        return trim((string) preg_replace('~[^A-Za-z0-9.-]+~', '-', $revision->subject()->tag), '-').'-revision-'.$revision->number.'-'.
            $what;
    }

    /** @return array<string, string> */
    private static function pdf(string $name): array
    {
        return ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name.pdf\"",
            'Cache-Control' => 'private, no-store'];
    }
}
