<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** A headless Chromium with its driver, on a port of its own. Ends with stop(), or forgets one person and serves the next. */
final class Chromium
{
    /** @var resource */
    private $process;

    private string $profile;

    public readonly RemoteWebDriver $driver;

    public function __construct(int $width = 1280, int $height = 800, bool $dark = false)
    {
        $port = self::freePort();
        $this->profile = sys_get_temp_dir().'/brave-anvil-chromium-'.bin2hex(random_bytes(6));
        $log = ['file', '/dev/null', 'w'];
        $process = proc_open(['chromedriver', "--port=$port", '--allowed-ips=127.0.0.1'], [['file', '/dev/null', 'r'], $log, $log], $pipes);
        if (! is_resource($process)) {
            throw new RuntimeException('chromedriver does not start');
        }
        $this->process = $process;
        self::await($port);
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-quic', '--no-first-run',
            '--no-default-browser-check', '--disable-background-networking', '--disable-component-update', '--disable-sync',
            '--no-proxy-server', '--force-device-scale-factor=1', '--lang=en-GB', '--hide-scrollbars',
            "--user-data-dir=$this->profile",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $this->driver = RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 40_000, 240_000);
        // A slowed machine looks through a large view for longer than the usual 30 s.
        $this->driver->manage()->timeouts()->setScriptTimeout(180);
        $this->show($width, $height, $dark);
    }

    public function show(int $width, int $height, bool $dark, bool $forced = false): void
    {
        $this->resize($width, $height);
        $this->command('Emulation.setEmulatedMedia', ['features' => [
            ['name' => 'prefers-color-scheme', 'value' => $dark ? 'dark' : 'light'],
            ['name' => 'forced-colors', 'value' => $forced ? 'active' : 'none'],
        ]]);
    }

    /** As a screen under fingers, or a mouse again. */
    public function touch(bool $on): void
    {
        $this->command('Emulation.setTouchEmulationEnabled', ['enabled' => $on, 'maxTouchPoints' => 5]);
    }

    /**
     * Forgets who was here: windows, cookies, what pages keep. The page itself stays as it was fetched, as on anyone's tablet.
     * A new window comes first, since a page with something unsaved would ask before it is left.
     */
    public function forget(string $origin): void
    {
        $before = $this->driver->getWindowHandles();
        $this->driver->switchTo()->newWindow();
        $new = $this->driver->getWindowHandle();
        foreach ($before as $handle) {
            $this->driver->switchTo()->window($handle);
            $this->driver->close();
        }
        $this->driver->switchTo()->window($new);
        $this->command('Network.clearBrowserCookies', []);
        $this->command('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'indexeddb,local_storage']);
    }

    public function resize(int $width, int $height): void
    {
        self::size($this->driver, $width, $height);
    }

    /** A screen of so many pixels. */
    public static function size(RemoteWebDriver $driver, int $width, int $height): void
    {
        self::tell($driver, 'Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
    }

    /** @param  array<string, mixed>  $params */
    private function command(string $name, array $params): void
    {
        self::tell($this->driver, $name, $params);
    }

    /** @param  array<string, mixed>  $params */
    private static function tell(RemoteWebDriver $driver, string $name, array $params): void
    {
        $driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $name, 'params' => (object) $params]);
    }

    /** Runs a script in every page before its own. */
    public static function before(RemoteWebDriver $driver, string $script): void
    {
        self::tell($driver, 'Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);
    }

    public function stop(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        if (str_starts_with($this->profile, sys_get_temp_dir().'/brave-anvil-chromium-')) {
            exec('rm -rf '.escapeshellarg($this->profile));
        }
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no free port');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, strrpos($name, ':') + 1);
    }

    public static function await(int $port, float $seconds = 45): void
    {
        $until = microtime(true) + $seconds;
        while (microtime(true) < $until) {
            $socket = @stream_socket_client("tcp://127.0.0.1:$port", $code, $message, 0.2);
            if (is_resource($socket)) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("nothing answers on port $port");
    }
}
