<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The recipes of CONTRIBUTING.md are true: a dummy of each kind is added to a copy of the core in the steps that the recipe names, in no
 * other file, and a circuit is solved with it. With RECIPES_ANALYSED=1 the static analysis has to agree to the copy as well, which takes
 * minutes.
 */
final class RecipesTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private const DUMMIES = self::ROOT.'/tests/House/dummies';

    private string $copy = '';

    protected function setUp(): void
    {
        $this->copy = sys_get_temp_dir().'/recipe-'.uniqid();
        mkdir($this->copy);
        (new Process(['cp', '-r', 'core', 'bin', 'contract', 'phpstan.neon', 'tests', $this->copy], self::ROOT))->mustRun();
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->copy]))->mustRun();
    }

    public function test_a_protective_device_is_added_as_its_recipe_says(): void
    {
        $this->insert('core/Circuit/Choice/Scpd.php', [
            "    case BreakerInstantaneous = 'breaker_instantaneous';\n" => "    case Dummy = 'dummy';\n",
            "'breaker_instantaneous' => 'Instantaneous-trip breaker'" => ", 'dummy' => 'Dummy fuse'",
            "        return match (\$this) {\n            self::FuseGg," => ' self::Dummy,',
        ]);
        $this->insert('core/Books/Iec/IecRuleBook.php', [
            "                new FuseChoice(\$gates, \$guard),\n" => "                new DummyChoice,\n",
        ]);
        foreach (['DummyChoice', 'DummyFuse'] as $class) {
            copy(self::DUMMIES."/$class.stub", "$this->copy/core/Books/Iec/$class.php");
        }
        $solution = $this->solved(['guard.scpd' => 'dummy']);
        self::assertSame('dummy', self::value($solution, 'guard.scpd'));
        // Kiln fan, 65 A: a start of 7.4 times the plate's current is within eight times the rating.
        self::assertSame(70.0, (float) self::value($solution, 'guard.scpd_rating'));
        self::assertContains('Dummy fuse', array_column($solution['fields']['guard.scpd']['choices'], 'label'), 'the page offers it');
        $this->assertToldByRecipe('A protective device', ['Scpd', 'IecRuleBook']);
    }

    public function test_a_starting_method_is_added_as_its_recipe_says(): void
    {
        $this->insert('core/Circuit/Choice/MethodName.php', [
            "    case Drive = 'drive';\n" => "    case Dummy = 'dummy';\n",
            "            self::Drive => 'Variable-speed drive',\n" => "            self::Dummy => 'Dummy starter',\n",
        ]);
        $this->insert('core/Stations/Start/Method/Methods.php', [
            "            MethodName::Drive => new Drive(\$settings),\n" => "            MethodName::Dummy => new Dummy,\n",
        ]);
        $this->insert('core/Stations/Start/Method/StartDefaults.php', ['            MethodName::Direct, ' => 'MethodName::Dummy, ']);
        $direct = (string) file_get_contents("$this->copy/core/Stations/Start/Method/Direct.php");
        file_put_contents("$this->copy/core/Stations/Start/Method/Dummy.php", strtr($direct, [
            'class Direct' => 'class Dummy', 'MethodName::Direct' => 'MethodName::Dummy', 'Direct-on-line: ' => 'Dummy: ',
            "        return 1.0;\n    }\n\n    #[Override]\n    public function takesAll" => "        return 0.5;\n    }\n\n    #[Override]\n    public function takesAll",
        ]));
        $solution = $this->solved(['starter.method' => 'dummy', 'starter.changeover' => null]);
        self::assertSame('dummy', self::value($solution, 'start.method'));
        self::assertStringStartsWith('Dummy: ', $solution['sentences']['start']);
        self::assertNotNull(self::value($solution, 'guard.scpd_rating'), 'every station calculates it');
        self::assertContains('Dummy starter', array_column($solution['fields']['starter.method']['choices'], 'label'));
        $this->assertToldByRecipe('A starting method', ['MethodName', 'Methods', 'StartDefaults']);
    }

    public function test_a_rule_book_is_added_as_its_recipe_says(): void
    {
        $this->insert('core/Circuit/Choice/RuleBookName.php', [
            "    case Cec = 'cec';\n" => "    case Dummy = 'dummy';\n",
            "'cec' => 'CE Code'" => ", 'dummy' => 'Dummy book'",
            '            self::Iec, ' => 'self::Dummy, ',
        ]);
        $this->insert('core/Books/RuleBooks.php', [
            "            RuleBookName::Cec => new CecRuleBook(\$this->tables),\n" => "            RuleBookName::Dummy => new Dummy\\DummyRuleBook(\$this->tables),\n",
        ]);
        mkdir("$this->copy/core/Books/Dummy");
        foreach (glob("$this->copy/core/Books/Iec/*.php") ?: [] as $file) {
            file_put_contents("$this->copy/core/Books/Dummy/".str_replace('IecRuleBook', 'DummyRuleBook', basename($file)), strtr(
                (string) file_get_contents($file), [
                    'Books\Iec' => 'Books\Dummy', 'IecRuleBook' => 'DummyRuleBook', 'RuleBookName::Iec' => 'RuleBookName::Dummy',
                    "return 'IEC 60364';" => "return 'Dummy 2026';",
                ],
            ));
        }
        $iec = $this->solved([]);
        $dummy = $this->solved(['rule_book' => 'dummy']);
        self::assertSame('Dummy 2026', $dummy['edition']);
        self::assertSame(self::value($iec, 'cable.conductors'), self::value($dummy, 'cable.conductors'));
        self::assertCount(4, $dummy['curves']['schools'], 'it stands beside the other books');
        $this->assertToldByRecipe('A rule book', ['RuleBookName', 'RuleBooks']);
    }

    /**
     * Puts text behind the first place where another stands.
     *
     * @param  array<string, string>  $after
     */
    private function insert(string $file, array $after): void
    {
        $code = (string) file_get_contents("$this->copy/$file");
        foreach ($after as $place => $text) {
            self::assertStringContainsString($place, $code, $file);
            $at = strpos($code, $place) + strlen($place);
            $code = substr_replace($code, $text, $at, 0);
        }
        file_put_contents("$this->copy/$file", $code);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private function solved(array $changes): array
    {
        $circuit = Circuits::changed(Circuits::kilnFan(), $changes);
        $run = new Process([PHP_BINARY, 'bin/solve', '--lines'], $this->copy, null, json_encode($circuit, JSON_THROW_ON_ERROR)."\n");
        $run->run();
        $solution = json_decode($run->getOutput(), true);
        self::assertIsArray($solution, $run->getOutput().$run->getErrorOutput());
        self::assertSame([], $solution['errors']);

        return $solution;
    }

    /** @param  array<string, mixed>  $solution */
    private static function value(array $solution, string $key): mixed
    {
        return array_column($solution['figures'], 'value', 'key')[$key] ?? null;
    }

    /** @param  list<string>  $changed  classes that the recipe has to name */
    private function assertToldByRecipe(string $recipe, array $changed): void
    {
        $text = (string) file_get_contents(self::ROOT.'/CONTRIBUTING.md');
        self::assertSame(1, preg_match("~^## $recipe\n(.*?)(?=^## )~ms", $text, $section), $recipe);
        foreach ($changed as $class) {
            self::assertStringContainsString("`$class", str_replace('\\', '', $section[1]), "$recipe names $class");
        }
        $differs = new Process(['diff', '-rq', self::ROOT.'/core', "$this->copy/core"]);
        $differs->run();
        foreach (array_filter(explode("\n", $differs->getOutput())) as $line) {
            self::assertMatchesRegularExpression(
                '~('.implode('|', [...array_map(static fn (string $one): string => "$one.php differ", $changed), 'Only in .*Dummy', 'Only in .*DummyRuleBook']).')~',
                $line, 'only the files of the recipe change',
            );
        }
        if (getenv('RECIPES_ANALYSED') !== false) {
            (new Process(['ln', '-s', realpath(self::ROOT).'/vendor', "$this->copy/vendor"]))->mustRun();
            $analysed = new Process(
                [PHP_BINARY, 'vendor/bin/phpstan', 'analyse', '--no-progress', '--memory-limit=1G', '--error-format=raw'], $this->copy,
            );
            $analysed->setTimeout(600)->run();
            self::assertSame('', $analysed->getOutput());
        }
    }
}
