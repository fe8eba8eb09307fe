<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;
use RuntimeException;

/** A table of a shelf that cannot be read; it says what to write instead. */
final class InvalidShelf extends RuntimeException implements Refusal
{
    public function __construct(private readonly Message $saying)
    {
        parent::__construct(json_encode($saying, JSON_UNESCAPED_UNICODE) ?: $saying->key);
    }

    public function saying(): Message
    {
        return $this->saying;
    }
}
