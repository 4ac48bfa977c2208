<?php

declare(strict_types=1);

namespace Tests\Reference;

use RuntimeException;

/** Debian's Python with NumPy and SciPy, asked to compute something; it answers with JSON. */
final class NumericalLibrary
{
    /**
     * @param  string  $program  Python that reads `given` and sets `answer`
     * @return array<string, mixed>
     */
    public static function compute(string $program, mixed $given): array
    {
        $file = tempnam(sys_get_temp_dir(), 'anvil-numpy') ?: throw new RuntimeException('no temporary file');
        file_put_contents(
            $file,
            "import json, sys\nimport numpy as np\nimport scipy.optimize\ngiven = json.load(sys.stdin)\n$program\nprint(json.dumps(answer))\n",
        );
        $process = proc_open(['/usr/bin/python3', $file], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, null, [
            'PATH' => '/usr/bin:/bin', 'OMP_NUM_THREADS' => '1',
        ]);
        if (! is_resource($process)) {
            throw new RuntimeException('Python does not start');
        }
        fwrite($pipes[0], json_encode($given, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $problem = (string) stream_get_contents($pipes[2]);
        proc_close($process);
        unlink($file);
        $answer = json_decode($out, true);

        return is_array($answer)
            ? array_combine(array_map(strval(...), array_keys($answer)), array_values($answer))
            : throw new RuntimeException("Python said: $out $problem");
    }
}
