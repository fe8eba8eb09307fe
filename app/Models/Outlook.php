<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMessage;
use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Nagomi\Core\Wording\Message;

/**
 * What the engine made of a head, as of one day.
 *
 * @property string                           $head_id
 * @property CarbonImmutable                  $as_of
 * @property CarbonImmutable|null $drifts_on the first day outside the band, if nothing is done; null within four weeks
 * @property float                            $days_out     expected days out of band over the season
 * @property float                            $plan_minutes of all wash days of the season
 * @property Message                          $verdict
 * @property Head                             $head
 * @property array<string, float>             $cells
 * @property list<StoredStratum>              $standing
 * @property list<StoredSign>                 $signs
 * @property StoredBalance                      $hair_balance
 * @property list<StoredLedgerLine>           $ledger lines since the last day on which something happened
 * @property list<StoredConflict>|null        $clashes
 * @property list<StoredLimit>|null          $limits what relaxing a limit would free, most first
 * @property bool                             $limits_due it is still to be worked out, once somebody looks
 * @property list<StoredChairWork>|null      $chair_work trims and take-downs to come, the soonest first
 * @property StoredScalpOutlook|null         $scalp null where the scalp was not read lately
 * @property array<string, float>|null        $learned
 * @property list<StoredDoneAtHome>|null      $done_at_home what comes of plans at home, by step
 * @property array<string, float>|null        $length
 * @property list<StoredForetold>|null $foretold of scalp and detangling, beside what came of it; null: not looked at
 * @property array<string, list<StoredWorth>>|null $worth tests worth taking next, by moment
 * @property float|null                     $detangling_minutes a section on a usual day; null: it was not timed lately
 * @property int                            $detangling_times   how often it was
 * @property float|null                     $similar_minutes    a section on heads like it, as it was planned with
 */
final class Outlook extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $incrementing = false;

    protected $primaryKey = 'head_id';

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'as_of' => 'immutable_date', 'verdict' => AsMessage::class, 'drifts_on' => 'immutable_date',
            'days_out' => 'float',
            'plan_minutes' => 'float', 'cells' => 'array', 'standing' => 'array', 'signs' => 'array',
            'hair_balance' => 'array',
            'ledger' => 'array', 'clashes' => 'array', 'learned' => 'array', 'length' => 'array',
            'worth' => 'array', 'chair_work' => 'array', 'scalp' => 'array', 'limits' => 'array',
            'limits_due' => 'boolean', 'done_at_home' => 'array', 'foretold' => 'array',
            'detangling_minutes' => 'float', 'similar_minutes' => 'float',
        ];
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }
}
