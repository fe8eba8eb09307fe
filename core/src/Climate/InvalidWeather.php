<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;
use RuntimeException;

/** A weather file that cannot be taken in. */
final class InvalidWeather extends RuntimeException implements Refusal
{
    /** @param non-empty-list<Message> $problems each with its line */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(json_encode($problems, JSON_UNESCAPED_UNICODE) ?: '');
    }

    public function saying(): Message
    {
        return Message::inARow($this->problems);
    }
}
