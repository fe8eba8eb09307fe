<?php

declare(strict_types=1);

namespace App\Bridge\Archive;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** One table of which a salon's rows go into its archive. */
final readonly class ArchivedTable
{
    /**
     * @param list<string>          $columns
     * @param list<string>          $binary     columns that hold bytes and no text
     * @param string                $key        column its rows are ordered by
     * @param bool                  $isNumbered whether the database numbers its rows
     * @param array<string, string> $references table by column
     * @param array{string, self}|null $through column and table by which rows are the salon's; null: by themselves
     */
    public function __construct(
        public string $name,
        public array $columns,
        public array $binary,
        public string $key,
        public bool $isNumbered,
        public array $references,
        public ?array $through,
    ) {
    }

    public function tellsOfAny(): bool
    {
        return in_array('subject_type', $this->columns, true);
    }

    public function rows(int $salonId): Builder
    {
        $query = DB::table($this->name)->orderBy($this->key);
        if ($this->through !== null) {
            [$column, $parent] = $this->through;

            return $query->whereIn($column, $parent->rows($salonId)->reorder()->select($parent->key));
        }

        return $query->where($this->name === 'salons' ? 'id' : 'salon_id', $salonId);
    }
}
