<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\FileSessionHandler;
use Override;

/**
 * Session files that are whole at any moment: whoever is killed while writing one leaves the former one, and signs nobody out.
 *
 * A circuit is solved at every key, and nothing of the session changes by it: what is in the file already is written anew only once a
 * minute, so that its age still says when it was last used.
 */
final class SessionFiles extends FileSessionHandler
{
    private const FRESH_SECONDS = 60;

    /** @var array<string, string> what was read, by session */
    private array $read = [];

    #[Override]
    public function read($sessionId): string
    {
        return $this->read[$sessionId] = (string) parent::read($sessionId);
    }

    #[Override]
    public function write($sessionId, $data): bool
    {
        $path = $this->path.'/'.$sessionId;
        if (($this->read[$sessionId] ?? null) === $data && (int) @filemtime($path) > time() - self::FRESH_SECONDS) {
            return true;
        }
        $this->files->replace($path, $data, 0600);

        return true;
    }
}
