<?php

declare(strict_types=1);

namespace App\Bridge\Tables;

use RuntimeException;

/** A file that looks like a table and cannot be read as one; its message is the key of the sentence that says why. */
final class UnreadableTable extends RuntimeException
{
}
