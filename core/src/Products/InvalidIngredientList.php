<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DomainException;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;

/** A text that is no list of ingredients; it says what to paste instead. */
final class InvalidIngredientList extends DomainException implements Refusal
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
