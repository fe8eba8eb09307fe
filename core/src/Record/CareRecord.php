<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Treatment\WashDay;

/** One head's history as one document: what it is like, what was done, what was read, what is planned. */
final readonly class CareRecord
{
    public const FORMAT = 'nagomi-care-record';
    public const VERSION = 1;

    /**
     * @param array<string, mixed>       $intake   what was written down of the person; carried through as it is
     * @param list<WashDay>              $washDays in the order they were given
     * @param list<Reading>              $readings in the order they were given
     * @param list<array<string, mixed>> $products products the steps refer to, carried through
     * @param list<array<string, mixed>> $biases   stylists' biases, carried through
     * @param array<string, mixed>|null  $plan     the plan as it stood, carried through
     */
    public function __construct(
        public string $id,
        public string $name,
        public Head $head,
        public array $intake = [],
        public array $washDays = [],
        public array $readings = [],
        public array $products = [],
        public array $biases = [],
        public ?array $plan = null,
    ) {
    }
}
