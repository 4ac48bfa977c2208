<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Person;
use App\Models\Site;
use Illuminate\Support\Facades\DB;

/** The demo scenario from database/demo: invented sites, roles and circuits. */
final class DemoData
{
    /** What every demo sign-in takes; printed by bin/start. */
    public const PASSWORD = 'larkrigg';

    public function __construct(private readonly CircuitStore $store)
    {
    }

    /** @return bool whether it was loaded now */
    public function load(): bool
    {
        if (Site::query()->exists() || Person::query()->exists()) {
            return false;
        }
        DB::transaction(function (): void {
            $people = [];
            foreach ([['Shift electrician A', 'electrician-a', 'electrician'], ['Shift electrician B', 'electrician-b', 'electrician'], ['Maintenance planner', 'planner', 'viewer'], ['Administrator', 'administrator', 'administrator']] as [$name, $login, $role]) {
                $people[] = Person::query()->create(['name' => $name, 'login' => $login, 'role' => $role, 'password' => self::PASSWORD, 'active' => true]);
            }
            foreach ($this->sites() as $data) {
                $site = Site::query()->create(['name' => $data['name'], 'rule_book' => $data['rule_book'], 'supply' => $data['supply'], 'settings' => $data['settings'], 'areas' => $data['areas'], 'version' => 1]);
                foreach ($data['circuits'] as $i => $circuit) {
                    $this->store->create($site, CircuitDocument::from(['format' => 'brave-anvil.circuit/1', 'rule_book' => $site->rule_book, ...$circuit, 'supply' => [...$site->supply, ...($circuit['supply'] ?? [])]]), $people[$i % 2]);
                }
            }
        });

        return true;
    }

    /** @return list<array{name: string, rule_book: string, supply: array<string, mixed>, settings: array<string, mixed>, areas: list<string>, circuits: list<array<string, mixed>>}> */
    private function sites(): array
    {
        $sites = [];
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            /** @var array{name: string, rule_book: string, supply: array<string, mixed>, settings: array<string, mixed>, areas: list<string>, circuits: list<array<string, mixed>>} $site */
            $site = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
            $sites[] = $site;
        }

        return $sites;
    }
}
