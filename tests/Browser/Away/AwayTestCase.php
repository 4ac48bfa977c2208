<?php

declare(strict_types=1);

namespace Tests\Browser\Away;

use Tests\Browser\BrowserTestCase;
use Tests\Browser\OwnServer;

/** Tests with a server of their own, which is stopped or killed on the way. */
abstract class AwayTestCase extends BrowserTestCase
{
    protected OwnServer $server;

    protected function setUp(): void
    {
        $this->server = new OwnServer;
        $this->begin();
    }

    protected function begin(): void
    {
        $this->server->begin();
        self::assertTrue($this->server->answers(60));
    }

    protected function tearDown(): void
    {
        try {
            parent::tearDown();
        } finally {
            $this->server->stop();
        }
    }
}
