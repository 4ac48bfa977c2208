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
            $method = $route->getActionMethod();
            $class = $route->getControllerClass() ?? '';
            $invoked = $method === $class || $method === '__invoke';
            $told = (new ReflectionMethod($class, $invoked ? '__invoke' : $method))->getAttributes(Call::class)[0] ?? null;
            if ($told === null) {
                throw new LogicException("The route {$route->uri()} does not say what it takes and answers.");
            }
            $call = $told->newInstance();
            $about = lcfirst(str_replace('Controller', '', class_basename($class)));
            $calls[$about][$invoked ? 'ask' : $method] = [
                'method' => $route->methods()[0], 'path' => substr($route->uri(), 4), 'ids' => array_values($route->parameterNames()),
                'query' => $call->query, 'takes' => $call->takes, 'answers' => $call->answers,
            ];
        }
        ksort($calls);

        return $calls;
    }
}
