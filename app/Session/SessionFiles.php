<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\FileSessionHandler;

/** Session files that are whole at any moment: whoever is killed while writing one leaves the former one, and signs nobody out. */
final class SessionFiles extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $this->files->replace($this->path.'/'.$sessionId, $data, 0600);

        return true;
    }
}
