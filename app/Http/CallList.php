<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Routing\Route;
use LogicException;
use ReflectionMethod;

/** Every route of the page with what it takes and answers, for the contract. */
final class CallList
{
    /**
     * @param  iterable<Route>  $routes
     * @return array<string, array<string, array{method: string, path: string, ids: list<string>, query: list<string>, takes: string|null, answers: string|null}>> by what it is about and the name of the function
     *
     * @throws LogicException where a route does not say it
     */
    public static function of(iterable $routes): array
    {
        $calls = [];
        foreach ($routes as $route) {
            if (! str_starts_with($route->uri(), 'api/')) {
                continue;
            }
            $call = self::call($route) ?? throw new LogicException("The route {$route->uri()} does not say what it takes and answers.");
            $class = $route->getControllerClass() ?? '';
            $about = lcfirst(str_replace('Controller', '', class_basename($class)));
            $calls[$about][self::method($route) === '__invoke' ? 'ask' : self::method($route)] = [
                'method' => $route->methods()[0], 'path' => substr($route->uri(), 4), 'ids' => array_values($route->parameterNames()),
                'query' => $call->query, 'takes' => $call->takes, 'answers' => $call->answers,
            ];
        }
        ksort($calls);

        return $calls;
    }

    /** What a route says of itself; null where it says nothing, or no controller stands behind it. */
    public static function call(Route $route): ?Call
    {
        $class = $route->getControllerClass();

        $told = $class === null ? [] : (new ReflectionMethod($class, self::method($route)))->getAttributes(Call::class);

        return ($told[0] ?? null)?->newInstance();
    }

    /** The controller's method behind a route. */
    private static function method(Route $route): string
    {
        return $route->getActionMethod() === $route->getControllerClass() ? '__invoke' : $route->getActionMethod();
    }
}
