<?php

declare(strict_types=1);

namespace App\Providers;

use App\Problems\ProblemRenderer;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Session\SessionFiles;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        // Root-relative, so that the page works behind any port or forward.
        Vite::createAssetPathsUsing(static fn (string $path): string => '/'.$path);
        Session::extend('file', static fn (): SessionFiles => new SessionFiles(
            new Filesystem, Config::string('session.files'), Config::integer('session.lifetime'),
        ));
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(6)->by(self::login($request).'|'.$request->ip())->response(self::refuse(...)),
            // From however many addresses, real or claimed.
            Limit::perMinute(30)->by('login '.self::login($request))->response(self::refuse(...)),
            Limit::perMinute(60)->by((string) $request->ip())->response(self::refuse(...)),
        ]);
    }

    /**
     * Too many tries: written down once a minute for each address, so that guessing does not fill the record.
     *
     * @param  array<string, mixed>  $headers
     */
    private static function refuse(Request $request, array $headers): Response
    {
        if (Cache::add('too-many-tries:'.$request->ip(), true, 60)) {
            HouseRecord::note($request, Happening::TooManyTries, 'as '.self::login($request));
        }

        return ProblemRenderer::render(new TooManyRequestsHttpException(null, '', null, 0, $headers));
    }

    /** The login as it is looked up, whatever was put around it. */
    private static function login(Request $request): string
    {
        $login = $request->input('login');

        return is_string($login) ? Str::lower((string) preg_replace('~[^a-z0-9.-]+~i', '', mb_substr($login, 0, 60))) : '';
    }
}
