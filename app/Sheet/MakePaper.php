<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Circuits\CircuitStore;
use App\Exchange\SiteWorkbook;
use App\Exchange\WorkbookFormat;
use App\Models\Paper;
use App\Models\Person;
use App\Models\Revision;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\Site;
use App\Rounds\RoundStore;
use App\Schedules\Schedule;
use App\Schedules\ScheduleName;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Records\Register\CsvText;
use BraveAnvil\Tables\Tables;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Throwable;

/**
 * Makes one PDF, or one table of a schedule, in the background. It may be begun again: what was written by a worker that was killed is
 * written over.
 */
final class MakePaper implements ShouldQueue
{
    use Queueable;

    /** A worker may be killed: another one begins again. */
    public int $tries = 5;

    public int $timeout = 100;

    private const KEPT_DAYS = 7;

    public function __construct(private readonly int $paper)
    {
    }

    public function handle(CircuitStore $circuits): void
    {
        // Called off, or done by another worker by now.
        $begun = Paper::query()->whereKey($this->paper)->whereIn('state', ['waiting', 'under_way'])->update(['state' => 'under_way']);
        if ($begun === 0) {
            return;
        }
        $paper = Paper::query()->findOrFail($this->paper);
        self::forgetOld();
        try {
            $workbook = WorkbookFormat::tryFrom(pathinfo($paper->name, PATHINFO_EXTENSION));
            $bytes = match (true) {
                $paper->round_id !== null => $this->defects($paper->round_id),
                $paper->site_id !== null && $workbook !== null => $this->workbook($paper, $paper->site_id, $circuits, $workbook),
                $paper->site_id !== null => $this->schedule($paper, $paper->site_id, $circuits),
                default => $this->fileSheet($paper),
            };
            if ($bytes !== null) {
                $file = Str::lower(Str::random(40)).'.'.(pathinfo($paper->name, PATHINFO_EXTENSION) ?: 'pdf');
                $this->write($file, $bytes);
                Paper::query()->whereKey($paper->id)->where('state', 'under_way')->update(['state' => 'done', 'file' => $file]);
            }
        } catch (Throwable $fault) {
            Paper::query()->whereKey($paper->id)->update(['state' => 'failed']);
            throw $fault;
        }
    }

    /** Killed too often, or out of time: whoever waits is told. */
    public function failed(): void
    {
        Paper::query()->whereKey($this->paper)->whereIn('state', ['waiting', 'under_way'])->update(['state' => 'failed']);
    }

    private function fileSheet(Paper $paper): string
    {
        $revision = Revision::query()->with('author', 'steps.person')->findOrFail($paper->revision_id);

        return SheetPdf::of(SheetPaper::of(
            'file', Sheet::sealedOf($revision), $revision->state()->mark(), $paper->origin.$revision->subject()->address(),
        ));
    }

    private function defects(int $id): string
    {
        $round = Round::query()->with('site', 'person')->findOrFail($id);

        return SheetPdf::of(SheetPaper::defects($round, RoundStore::defects($round), RoundStore::circuits($round)->count()));
    }

    /** Null where it was called off meanwhile. */
    private function workbook(Paper $paper, int $id, CircuitStore $circuits, WorkbookFormat $format): ?string
    {
        $person = Person::query()->find($paper->asked_by)->name ?? '';
        $workbook = new SiteWorkbook(Site::query()->findOrFail($id), $circuits, $person, self::goOn($paper));

        return str_starts_with($paper->name, 'template.') ? $workbook->template($format) : $workbook->write($format);
    }

    /** @return Closure(): bool whether nobody has called it off yet */
    private static function goOn(Paper $paper): Closure
    {
        return static fn (): bool => Paper::query()->whereKey($paper->id)->where('state', 'under_way')->exists();
    }

    /** Null where it was called off meanwhile. */
    private function schedule(Paper $paper, int $id, CircuitStore $circuits): ?string
    {
        $site = Site::query()->findOrFail($id);
        [$name, $as] = explode('.', $paper->name);
        $schedule = Schedule::of(ScheduleName::from($name), $site, $circuits, self::goOn($paper));
        if ($schedule === null) {
            return null;
        }
        if ($as === 'csv') {
            return CsvText::write([$schedule->heads(), ...$schedule->rows]);
        }
        $edition = (new RuleBooks(Tables::shipped()))->named($site->rule_book)?->edition() ?? '';

        return SheetPdf::of(SheetPaper::schedule($schedule, $site->name, $edition, Carbon::now()->toDateString()));
    }

    /** Papers can be made again at any time: they are kept for a week. */
    private static function forgetOld(): void
    {
        /** @var Collection<int, Paper> $past */
        $past = Paper::query()->where('created_at', '<', Carbon::now()->subDays(self::KEPT_DAYS))->limit(20)->get();
        foreach ($past as $old) {
            if ($old->file !== '') {
                @unlink(storage_path('app/papers/'.$old->file));
            }
            $old->delete();
        }
    }

    private function write(string $file, string $bytes): void
    {
        $folder = storage_path('app/papers');
        if (! is_dir($folder)) {
            @mkdir($folder, 0700, true);
        }
        $unfinished = $folder.'/'.$file.'.part';
        file_put_contents($unfinished, $bytes);
        chmod($unfinished, 0600);
        // Whoever owns the folder hands the file out, and may be another user than the worker.
        @chown($unfinished, (int) fileowner($folder));
        rename($unfinished, $folder.'/'.$file);
    }
}
