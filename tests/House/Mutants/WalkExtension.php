<?php

declare(strict_types=1);

namespace Tests\House\Mutants;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/** Puts down which functions each test walked through, and how long it took, into the file that WALKS names. */
final class WalkExtension implements Extension
{
    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $facade->registerSubscriber(new class implements FinishedSubscriber
        {
            /** @var array<string, array{seconds: float, functions: array<string, true>}> */
            private array $tests = [];

            private float $since;

            public function __construct()
            {
                $this->since = microtime(true);
            }

            public function notify(Finished $event): void
            {
                $test = $event->test();
                if ($test instanceof TestMethod) {
                    $name = $test->className().'::'.$test->methodName();
                    $before = $this->tests[$name] ?? ['seconds' => 0.0, 'functions' => []];
                    $this->tests[$name] = [
                        'seconds' => $before['seconds'] + microtime(true) - $this->since,
                        'functions' => $before['functions'] + Walks::$walked,
                    ];
                }
                Walks::$walked = [];
                $this->since = microtime(true);
            }

            public function __destruct()
            {
                file_put_contents((string) getenv('WALKS'), json_encode($this->tests, JSON_THROW_ON_ERROR));
            }
        });
    }
}
