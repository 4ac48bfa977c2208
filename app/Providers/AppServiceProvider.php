<?php

declare(strict_types=1);

namespace App\Providers;

use App\Session\SessionFiles;
use App\Session\SignInDelay;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

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
        // A worker writes down what it has begun: where it is killed, that is given back at once.
        $mark = getenv('WORKER_MARK');
        if (is_string($mark) && $mark !== '') {
            Queue::before(static fn (JobProcessing $begun) => file_put_contents($mark, (string) $begun->job->getJobId()));
            Queue::after(static fn () => @unlink($mark));
            Queue::exceptionOccurred(static fn () => @unlink($mark));
        }
        // Beside the delay of one name at one address: from one address, whatever names are tried.
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip())
            ->response(SignInDelay::refuse(...)));
        RateLimiter::for('own-password', static fn (Request $request): Limit => Limit::perMinute(6)
            ->by('own '.(is_scalar($id = Auth::id()) ? $id : $request->ip()))->response(SignInDelay::refuse(...)));
    }
}
