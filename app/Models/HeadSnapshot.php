<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Where a head stood at the end of a day on which something happened, what the ledger says of that day and how its
 * readings
 * compared with what was expected.
 *
 * @property int                        $id
 * @property string                     $head_id
 * @property CarbonImmutable            $date
 * @property bool                       $sealed
 * @property bool                       $tight
 * @property list<string>               $signs
 * @property string                     $state
 * @property string|null                $habits what was told until then of washes at home, packed; null: kept by a release before
 * @property list<StoredLedgerLine> $ledger
 * @property list<StoredCheck> $checks
 * @property bool                       $was_read
 */
final class HeadSnapshot extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'date' => 'immutable_date', 'sealed' => 'boolean', 'tight' => 'boolean', 'signs' => 'array',
            'ledger' => 'array', 'checks' => 'array', 'was_read' => 'boolean',
        ];
    }
}
