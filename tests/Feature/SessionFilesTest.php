<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Session\SessionFiles;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Session;

/** A session is whole on the disk at any moment, since whoever writes it may be killed. */
final class SessionFilesTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/brave-anvil-sessions-'.bin2hex(random_bytes(4));
        mkdir($this->folder, 0700);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_session_is_replaced_and_never_written_over(): void
    {
        $sessions = new SessionFiles(new Filesystem, $this->folder, 60);
        $sessions->write('a', 'who is signed in');
        $former = fopen($this->folder.'/a', 'r');
        self::assertIsResource($former);
        $sessions->write('a', 'who is signed in, and a bit more');
        self::assertSame('who is signed in', stream_get_contents($former), 'the former one is untouched until the new one is whole');
        self::assertSame('who is signed in, and a bit more', $sessions->read('a'));
        fclose($former);
        self::assertSame(['a'], array_values(array_diff((array) scandir($this->folder), ['.', '..'])), 'and nothing lies beside it');
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($this->folder.'/a')), -4));
    }

    public function test_it_is_what_the_house_uses(): void
    {
        Config::set('session.driver', 'file');
        $store = Session::driver('file');
        self::assertInstanceOf(Store::class, $store);
        self::assertInstanceOf(SessionFiles::class, $store->getHandler());
    }
}
