<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

use RuntimeException;

/** A table of parameters lacks one, or holds a value nobody would believe; the message says which and what to write. */
final class InvalidParameters extends RuntimeException
{
}
