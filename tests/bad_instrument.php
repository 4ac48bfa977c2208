<?php

// A device that answers every request in one bad way. It ends by itself after twenty seconds.

declare(strict_types=1);

[, $port, $way] = $argv;
$listening = stream_socket_server("tcp://127.0.0.1:$port") ?: exit(1);
$until = microtime(true) + 20;
while (microtime(true) < $until) {
    $socket = @stream_socket_accept($listening, 1);
    if ($socket === false) {
        continue;
    }
    stream_set_timeout($socket, 3);
    $request = (string) fread($socket, 260);
    if (strlen($request) < 12) {
        fclose($socket);

        continue;
    }
    [$head, $unit] = [substr($request, 0, 2), $request[6]];
    $frame = static fn (string $body, string $transaction, string $protocol = "\0\0"): string => $transaction.$protocol.pack('n', strlen($body) + 1).$unit.$body;
    $good = chr(4).chr(8).str_repeat("\0\1", 4);
    fwrite($socket, match ($way) {
        'silent' => '',
        'cut' => substr($frame($good, $head), 0, 11),
        'transaction' => $frame($good, "\x7F\x7F"),
        'protocol' => "HTTP/1.1 400 Bad Request\r\n\r\n",
        'exception' => $frame(chr(0x84).chr(2), $head),
        'short' => $frame(chr(4).chr(4).str_repeat("\0\1", 2), $head),
        'nan' => $frame(chr(4).chr(4)."\x7F\xC0\0\0", $head),
        'function' => $frame(chr(3).chr(8).str_repeat("\0\1", 4), $head),
        default => '',
    });
    if ($way === 'silent') {
        usleep(3_000_000);
    }
    fclose($socket);
}
