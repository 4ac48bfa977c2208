<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Carried\CarriedCore;
use BraveAnvil\Ground\Version;
use Symfony\Component\Process\Process;
use Tests\Core\Circuits;

/** What a page fetches to calculate without a network, and what it says of it. */
final class CarriedTest extends FeatureTestCase
{
    public function test_a_page_gets_the_core_that_answers_here(): void
    {
        $this->actingAs($this->person());
        $parts = $this->getJson('/api/carried')->assertOk()->assertJsonPath('core', Version::CORE)->json();
        self::assertIsArray($parts);
        foreach (['archive', 'php'] as $name) {
            $packed = (string) file_get_contents(public_path('build/device/'.$parts[$name]['name']));
            self::assertSame($parts[$name]['bytes'], strlen($packed));
            self::assertSame($parts[$name]['sha256'], hash('sha256', (string) gzdecode($packed)));
        }
        // A tablet's connection: less than one photograph.
        self::assertLessThan(4e6, $parts['archive']['bytes'] + $parts['php']['bytes']);
        $this->postJson('/api/solve', Circuits::kilnFan())->assertOk()->assertHeader('X-Core-Archive', $parts['archive']['sha256']);
    }

    /** The door card of a draft is the one that the service prints, but for the code of its address. */
    public function test_a_device_prints_the_door_card_of_the_service(): void
    {
        $this->actingAs($this->person());
        $site = $this->site();
        foreach ([Circuits::fanWithItsLoad(), Circuits::conveyor()] as $i => $circuit) {
            $circuit = [...$circuit, 'tag' => "KF-10$i", 'drives' => 'Fan <one> & two'];
            $kept = $this->circuit($site, "KF-10$i");
            $printed = $this->postJson("/api/circuits/$kept->id/sheet", ['paper' => 'door', 'circuit' => $circuit])->assertOk();
            $asked = ['ask' => 'door_card', 'circuit' => [...$circuit, 'site_settings' => $site->settings], 'site' => $site->name];
            $question = json_encode($asked, JSON_THROW_ON_ERROR)."\n";
            $run = new Process(['node', base_path('tests/Reference/carried.mjs')], base_path(), input: $question);
            $run->mustRun();
            $card = json_decode(strtok($run->getOutput(), "\n") ?: '', true, 8, JSON_THROW_ON_ERROR);
            self::assertIsArray($card);
            self::assertSame(self::withoutCode($printed->json('html')), self::withoutCode($card['html']));
            self::assertStringContainsString('DRAFT: not in force', (string) $card['html']);
            self::assertSame($printed->json('css'), $card['css']);
            self::assertSame($printed->json('foot'), $card['foot']);
        }
    }

    /** @return list<string> what stands on a paper, line by line */
    private static function withoutCode(mixed $html): array
    {
        $text = (string) preg_replace('~<td class="code">.*?</td>~s', '', is_string($html) ? $html : '');

        return array_values(array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== ''));
    }

    public function test_solutions_that_differ_are_counted_where_both_are_of_one_core(): void
    {
        $this->actingAs($this->person());
        $before = $this->get('/health')->json('carried_differences');
        $this->postJson('/api/carried/differences', ['path' => 'figures.3.value', 'archive' => 'of another version'])->assertNoContent();
        self::assertSame($before, $this->get('/health')->json('carried_differences'));
        $this->postJson('/api/carried/differences', ['path' => 'figures.3.value', 'archive' => CarriedCore::archive()])->assertNoContent();
        self::assertSame($before + 1, $this->get('/health')->json('carried_differences'));
        $this->postJson('/api/carried/differences', [])->assertStatus(422);
    }
}
