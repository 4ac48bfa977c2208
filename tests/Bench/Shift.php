<?php

declare(strict_types=1);

namespace Tests\Bench;

use CurlHandle;
use RuntimeException;

/** A shift of people at once, each with a circuit of his own: what is typed is solved and saved, the yard looked at, the circuit opened again. */
final class Shift
{
    private int $requests = 0;

    private int $errors = 0;

    /** @var list<float> */
    private array $milliseconds = [];

    /** @var array<int, array{client: Client, id: int, version: int, circuit: array<string, mixed>, step: int}> by person */
    private array $people = [];

    /** @param  array<string, mixed>  $circuit */
    public function join(Client $client, int $site, array $circuit): void
    {
        $circuit = [...$circuit, 'tag' => 'SHIFT-'.count($this->people)];
        [$status, $answer] = $client->request('POST', 'circuits', ['site_id' => $site, 'circuit' => $circuit]);
        $made = json_decode($answer, true);
        if ($status !== 201 || ! is_array($made) || ! is_int($made['id'] ?? null)) {
            throw new RuntimeException("a circuit for the shift: $status $answer");
        }
        $this->people[] = ['client' => $client, 'id' => $made['id'], 'version' => 1, 'circuit' => $circuit, 'step' => 0];
    }

    /** @return array{requests: int, errors: int, p95: float} */
    public function work(float $seconds): array
    {
        $multi = curl_multi_init();
        /** @var array<int, array{int, CurlHandle}> $under by number of the handle */
        $under = [];
        $begin = function (int $person) use ($multi, &$under): void {
            $handle = $this->next($person);
            $under[spl_object_id($handle)] = [$person, $handle];
            curl_multi_add_handle($multi, $handle);
        };
        array_map($begin, array_keys($this->people));
        $start = hrtime(true);
        while ($under !== []) {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
            while (($info = curl_multi_info_read($multi)) !== false) {
                [$person, $handle] = $under[spl_object_id($info['handle'])];
                unset($under[spl_object_id($handle)]);
                $this->answered($person, $handle);
                curl_multi_remove_handle($multi, $handle);
                if (hrtime(true) - $start < $seconds * 1e9) {
                    $begin($person);
                }
            }
        }
        sort($this->milliseconds);

        return [
            'requests' => $this->requests, 'errors' => $this->errors,
            'p95' => $this->milliseconds[(int) floor(0.95 * count($this->milliseconds))] ?? 0.0,
        ];
    }

    private function next(int $person): CurlHandle
    {
        ['client' => $client, 'id' => $id, 'version' => $version, 'step' => $step] = $this->people[$person];
        $typed = [...$this->people[$person]['circuit'], 'drives' => "step $step"];

        return match ($step % 5) {
            0, 1 => $client->prepared('POST', 'solve', $typed),
            2 => $client->prepared('PUT', "circuits/$id", ['version' => $version, 'circuit' => $typed, 'key' => "$id-$step"]),
            3 => $client->prepared('GET', 'circuits?search=SHIFT', null),
            default => $client->prepared('GET', "circuits/$id", null),
        };
    }

    private function answered(int $person, CurlHandle $handle): void
    {
        $this->requests++;
        $this->milliseconds[] = 1e3 * (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        $answer = json_decode((string) curl_multi_getcontent($handle), true);
        $right = curl_getinfo($handle, CURLINFO_RESPONSE_CODE) === 200 && is_array($answer);
        $this->errors += $right ? 0 : 1;
        if ($right && $this->people[$person]['step'] % 5 === 2 && is_int($answer['version'] ?? null)) {
            $this->people[$person]['version'] = $answer['version'];
        }
        $this->people[$person]['step']++;
    }
}
