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

    public function test_what_is_there_already_is_written_anew_once_a_minute(): void
    {
        $sessions = new SessionFiles(new Filesystem, $this->folder, 60);
        $sessions->write('a', 'who is signed in');
        $file = fileinode($this->folder.'/a');
        self::assertSame('who is signed in', $sessions->read('a'));
        $sessions->write('a', 'who is signed in');
        clearstatcache();
        self::assertSame($file, fileinode($this->folder.'/a'), 'the file is left alone');

        $sessions->write('a', 'somebody else');
        clearstatcache();
        self::assertNotSame($file, fileinode($this->folder.'/a'), 'what changed is written at once');

        touch($this->folder.'/a', time() - 90);
        clearstatcache();
        $sessions->read('a');
        $sessions->write('a', 'somebody else');
        clearstatcache();
        self::assertGreaterThan(time() - 30, filemtime($this->folder.'/a'), 'its age says when it was last used');
    }

    public function test_a_session_that_was_never_read_is_written(): void
    {
        (new SessionFiles(new Filesystem, $this->folder, 60))->write('a', 'who is signed in');
        (new SessionFiles(new Filesystem, $this->folder, 60))->write('a', 'somebody else');
        self::assertSame('somebody else', file_get_contents($this->folder.'/a'));
    }

    public function test_it_is_what_the_house_uses(): void
    {
        Config::set('session.driver', 'file');
        $store = Session::driver('file');
        self::assertInstanceOf(Store::class, $store);
        self::assertInstanceOf(SessionFiles::class, $store->getHandler());
    }
}
