<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use RuntimeException;

/** A table of a shelf that cannot be read; it says what to write instead. */
final class InvalidShelf extends RuntimeException
{
}
