<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        // Root-relative, so that the page works behind any port or forward.
        Vite::createAssetPathsUsing(static fn (string $path): string => '/'.$path);
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(6)->by(self::login($request).'|'.$request->ip()),
            Limit::perMinute(60)->by((string) $request->ip()),
        ]);
    }

    /** The login as it is looked up, whatever was put around it. */
    private static function login(Request $request): string
    {
        $login = $request->input('login');

        return is_string($login) ? Str::lower((string) preg_replace('~[^a-z0-9.-]+~i', '', mb_substr($login, 0, 60))) : '';
    }
}
