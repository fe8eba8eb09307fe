<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DomainException;

/** A text that is no list of ingredients; the message says what to paste instead. */
final class InvalidIngredientList extends DomainException
{
}
