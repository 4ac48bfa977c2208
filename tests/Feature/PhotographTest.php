<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Photograph;
use App\Photographs\Picture;
use App\Problems\Problem;
use Illuminate\Support\Facades\Exceptions;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** Photographs are taken as JPEG, PNG or WebP, made anew without hidden data, and kept outside the web root. */
final class PhotographTest extends FeatureTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        // The real folder belongs to the web server's user, who is another one than runs the tests.
        $this->folder = sys_get_temp_dir().'/brave-anvil-photographs-'.bin2hex(random_bytes(6));
        $this->app?->useStoragePath($this->folder);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_photograph_that_cannot_be_written_is_no_success(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        mkdir($this->folder);
        config(['logging.default' => 'null']);
        file_put_contents($this->folder.'/app', 'a file where the folder should be');
        $this->assertProblem(500, $this->attach($circuit->id, self::picture()));
        $this->getJson("/api/circuits/$circuit->id/photograph")->assertJsonPath('photograph', null);
    }

    /**
     * @param  int<1, max>  $width
     * @param  int<1, max>  $height
     */
    private static function picture(string $kind = 'jpeg', int $width = 60, int $height = 40): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle($image, 0, 0, intdiv($width, 3), intdiv($height, 3), (int) imagecolorallocate($image, 200, 30, 30));
        ob_start();
        match ($kind) {
            'png' => imagepng($image), 'webp' => imagewebp($image), 'gif' => imagegif($image), default => imagejpeg($image, null, 90),
        };

        return (string) ob_get_clean();
    }

    /** A JPEG with an APP1 segment: orientation 6, and a position in its data. */
    private static function located(): string
    {
        $entries = pack('vvVv', 0x0112, 3, 1, 6).pack('v', 0).pack('vvVV', 0x8825, 4, 1, 26 + 12);
        $tiff =
            'II'.
            pack('vV', 42, 8).
            pack('v', 2).
            $entries.
            pack('V', 0).
            pack('v', 1).
            pack('vvVa4', 1, 2, 2, "N\0\0\0").
            pack('V', 0).
            'GPS 54.321 N';
        $body = "Exif\0\0".$tiff;
        $jpeg = self::picture();

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($body) + 2).$body.substr($jpeg, 2);
    }

    /** @return TestResponse<Response> */
    private function attach(int $circuit, string $bytes): TestResponse
    {
        return $this->call(
            'PUT',
            "/api/circuits/$circuit/photograph",
            [], [], [], ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], $bytes,
        );
    }

    public function test_a_photograph_is_kept_shown_replaced_and_removed(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $this->getJson("/api/circuits/$circuit->id/photograph")->assertOk()->assertJsonPath('photograph', null);
        $first = $this->attach($circuit->id, self::picture());
        $first->assertCreated()->assertJsonPath('photograph.width', 60);
        $shown = $this->get((string) $first->json('photograph.url'))
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertNotFalse(getimagesizefromstring((string) $shown->getContent()));
        $second = $this->attach($circuit->id, self::picture('png'));
        self::assertNotSame($first->json('photograph.url'), $second->json('photograph.url'));
        $this->getJson((string) $first->json('photograph.url'))->assertNotFound();
        $this->deleteJson("/api/circuits/$circuit->id/photograph")->assertNoContent();
        $this->getJson((string) $second->json('photograph.url'))->assertNotFound();
    }

    /** Who loses a race, or fails otherwise, leaves no file behind; and nobody else on the machine reads what is kept. */
    public function test_no_file_is_left_of_what_is_not_kept(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $files = static fn (): array => glob(storage_path('app/photographs/*.jpg')) ?: [];
        $before = $files();
        $this->attach($circuit->id, self::picture())->assertCreated();
        $this->attach($circuit->id, self::picture('png'))->assertCreated();
        $new = array_values(array_diff($files(), $before));
        self::assertCount(1, $new);
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($new[0])), -4));
        Exceptions::fake();
        Photograph::saving(static fn (): never => throw new RuntimeException('the database is gone'));
        try {
            $this->attach($circuit->id, self::picture())->assertStatus(500);
            Exceptions::assertReported(RuntimeException::class);
        } finally {
            Photograph::flushEventListeners();
        }
        self::assertSame($new, array_values(array_diff($files(), $before)));
        $this->deleteJson("/api/circuits/$circuit->id/photograph")->assertNoContent();
        self::assertSame([], array_values(array_diff($files(), $before)));
    }

    public function test_position_and_all_other_hidden_data_are_gone_and_it_stands_upright(): void
    {
        $bytes = self::located();
        self::assertStringContainsString('GPS 54.321 N', $bytes);
        $kept = Picture::from($bytes);
        self::assertStringNotContainsString('GPS', $kept->jpeg);
        self::assertStringNotContainsString('Exif', $kept->jpeg);
        self::assertSame([40, 60], [$kept->width, $kept->height], 'orientation 6 is a quarter turn');
    }

    public function test_every_kind_that_is_taken_and_none_other(): void
    {
        foreach (['jpeg', 'png', 'webp'] as $kind) {
            self::assertSame(60, Picture::from(self::picture($kind))->width);
        }
        foreach (
            [
                'gif' => self::picture('gif'), 'text' => '<svg onload="x">', 'nothing' => '',
                'damaged' => substr(self::picture('png'), 0, 60),
                'too large' => str_repeat('x', Picture::LARGEST_BYTES + 1),
            ] as $name => $bytes
        ) {
            try {
                Picture::from($bytes);
                self::fail("$name is taken");
            } catch (Problem $problem) {
                self::assertContains($problem->status, [413, 422]);
                self::assertSame('photograph', $problem->errors[0]['path'] ?? '');
            }
        }
    }

    public function test_a_large_picture_becomes_no_larger_than_a_screen_needs(): void
    {
        $kept = Picture::from(self::picture('jpeg', 3000, 1500));
        self::assertSame([2400, 1200], [$kept->width, $kept->height]);
    }

    public function test_only_those_who_may_edit_attach_and_only_the_signed_in_look(): void
    {
        $circuit = $this->circuit();
        $this->assertProblem(401, $this->attach($circuit->id, self::picture()));
        $this->actingAs($this->person('viewer'));
        $this->assertProblem(403, $this->attach($circuit->id, self::picture()));
    }
}
