<?php

declare(strict_types=1);

namespace App\Http;

use Attribute;

/**
 * What a route takes and answers, by the names of `contract/service.schema.json`: from it `bin/contract` writes the page's own
 * functions.
 */
#[Attribute(Attribute::TARGET_METHOD)]
final readonly class Call
{
    /** An answer that is a file: the page gets its address. */
    public const FILE = 'file';

    /** A body that is a file as it is. */
    public const BYTES = 'bytes';

    /**
     * @param  string|null  $answers  null where nothing comes back
     * @param  string|null  $takes  null where nothing is sent
     * @param  list<string>  $query  names behind the question mark
     */
    public function __construct(public ?string $answers = null, public ?string $takes = null, public array $query = [])
    {
    }
}
