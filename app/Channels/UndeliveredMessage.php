<?php

declare(strict_types=1);

namespace App\Channels;

use RuntimeException;

/** A message that surely did not go out: it may be tried again. */
final class UndeliveredMessage extends RuntimeException
{
}
