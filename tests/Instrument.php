<?php

declare(strict_types=1);

namespace Tests;

use RuntimeException;

/** A device on Modbus TCP of a test's own, on loopback: our stand-ins, or one that answers badly. */
final class Instrument
{
    /** @param  resource  $process */
    private function __construct(private $process, public readonly int $port, private readonly ?string $folder)
    {
    }

    /** Our stand-ins, to which the service of this process speaks from now on. */
    public static function ours(int $idleSeconds = 60): self
    {
        $folder = sys_get_temp_dir().'/brave-anvil-scenes-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $port = self::freePort();
        $instrument = self::started([PHP_BINARY, dirname(__DIR__).'/bin/instruments', (string) $port, $folder, (string) $idleSeconds], $port, $folder);
        putenv("INSTRUMENTS_PORT=$port");
        putenv("INSTRUMENTS_SCENES=$folder");

        return $instrument;
    }

    /** One that answers once, in a way that no device should. */
    public static function bad(string $way): self
    {
        $port = self::freePort();

        return self::started([PHP_BINARY, __DIR__.'/bad_instrument.php', (string) $port, $way], $port, null);
    }

    /** @param  list<string>  $command */
    private static function started(array $command, int $port, ?string $folder): self
    {
        $process = proc_open($command, [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes);
        if (! is_resource($process)) {
            throw new RuntimeException('no instrument starts');
        }
        for ($i = 0; $i < 200; $i++) {
            $socket = @stream_socket_client("tcp://127.0.0.1:$port", $number, $message, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return new self($process, $port, $folder);
            }
            usleep(20_000);
        }
        proc_terminate($process);
        throw new RuntimeException('the instrument does not listen');
    }

    public function stop(): void
    {
        proc_terminate($this->process);
        proc_close($this->process);
        if ($this->folder !== null) {
            array_map(unlink(...), glob($this->folder.'/*') ?: []);
            rmdir($this->folder);
        }
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no free port');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, strrpos($name, ':') + 1);
    }
}
