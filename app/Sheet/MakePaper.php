<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Paper;
use App\Models\Revision;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Str;
use Throwable;

/** Makes one PDF in the background. It may be begun again: what was written by a worker that was killed is written over. */
final class MakePaper implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly int $paper)
    {
    }

    public function handle(): void
    {
        // Called off, or done by another worker by now.
        $begun = Paper::query()->whereKey($this->paper)->whereIn('state', ['waiting', 'under_way'])->update(['state' => 'under_way']);
        if ($begun === 0) {
            return;
        }
        $paper = Paper::query()->with('revision')->findOrFail($this->paper);
        try {
            $file = Str::lower(Str::random(40)).'.pdf';
            $this->write($file, $this->made($paper));
            Paper::query()->whereKey($paper->id)->where('state', 'under_way')->update(['state' => 'done', 'file' => $file]);
        } catch (Throwable $fault) {
            Paper::query()->whereKey($paper->id)->update(['state' => 'failed']);
            throw $fault;
        }
    }

    private function made(Paper $paper): string
    {
        $revision = Revision::query()->with('author', 'steps.person')->findOrFail($paper->revision_id);

        return SheetPdf::of(SheetPaper::fileSheet(
            SheetRecord::of($revision), $revision->state()->mark(), $paper->origin.'/circuits/'.$revision->circuit_id,
        ));
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
        rename($unfinished, $folder.'/'.$file);
    }
}
