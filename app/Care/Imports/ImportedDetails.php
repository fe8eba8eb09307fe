<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Bridge\Imports\FilledContact;
use App\Models\Head;
use App\Models\Salon;
use Carbon\CarbonInterface;

/** Writes what a file knows of clients who are here where nothing stood yet, and takes it out again. */
final readonly class ImportedDetails
{
    /** @return array<string, string> a print of what was written, by client and column */
    public function fill(FilledContact $filled, Salon $salon): array
    {
        $head = Head::query()->where('salon_id', $salon->id)->find($filled->client);
        if ($head === null) {
            return [];
        }
        $prints = [];
        foreach ($filled->columns as $column => $value) {
            // Somebody may have written it down since the file was looked through.
            if (in_array($head->getAttribute($column), [null, ''], true)) {
                $head->setAttribute($column, $value);
                $prints["{$head->id} {$column}"] = self::print($head->getAttribute($column));
            }
        }
        $head->save();

        return $prints;
    }

    /**
     * @param array<string, string> $prints
     *
     * @return int how many went; what somebody has changed since stays
     */
    public function empty(array $prints, Salon $salon): int
    {
        $emptied = 0;
        foreach ($prints as $of => $print) {
            [$id, $column] = explode(' ', $of, 2);
            $head = Head::query()->where('salon_id', $salon->id)->find($id);
            if ($head !== null && hash_equals($print, self::print($head->getAttribute($column)))) {
                $head->update([$column => null]);
                $emptied++;
            }
        }

        return $emptied;
    }

    /** A number could be found out from a plain digest: there are not many. */
    private static function print(mixed $value): string
    {
        $text = $value instanceof CarbonInterface ? $value->format('Y-m-d') : $value;
        $key = config('app.link_key');

        return hash_hmac('sha256', is_string($text) ? $text : '', is_string($key) ? $key : '');
    }
}
