<?php

declare(strict_types=1);

namespace ZipStream;

use RuntimeException;
use ZipArchive;

/** Of the library of this name what a writer of workbooks calls: files into one archive, and the archive into a stream. */
final class ZipStream
{
    private readonly ZipArchive $archive;

    private readonly string $file;

    /** @param  resource  $outputStream */
    public function __construct(
        private readonly mixed $outputStream,
        bool $sendHttpHeaders = false,
        bool $enableZip64 = false,
        bool $defaultEnableZeroHeader = false,
    ) {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'workbook');
        $this->archive = new ZipArchive();
        if ($this->archive->open($this->file, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive cannot be written.');
        }
    }

    public function addFile(string $fileName, string $data): void
    {
        $this->archive->addFromString($fileName, $data);
    }

    public function finish(): int
    {
        if (! $this->archive->close()) {
            throw new RuntimeException('The archive cannot be written.');
        }
        $from = fopen($this->file, 'rb');
        $bytes = $from === false ? false : stream_copy_to_stream($from, $this->outputStream);
        if ($from !== false) {
            fclose($from);
        }
        unlink($this->file);

        return $bytes === false ? throw new RuntimeException('The archive cannot be copied.') : $bytes;
    }
}
