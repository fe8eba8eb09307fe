<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DomainException;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;

/** A mix that must not be made so; it says what to change. */
final class InvalidMix extends DomainException implements Refusal
{
    /** @param bool $ofBatch it is the size of the batch that is wrong, not a share */
    public function __construct(private readonly Message $saying, public readonly bool $ofBatch = false)
    {
        parent::__construct(json_encode($saying, JSON_UNESCAPED_UNICODE) ?: $saying->key);
    }

    public function saying(): Message
    {
        return $this->saying;
    }
}
