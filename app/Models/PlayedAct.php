<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One act in a practice case: hair tests that were taken, or what was decided at a visit.
 *
 * @property int              $id
 * @property int              $played_case_id
 * @property int              $place    among the acts of its case, from 0
 * @property string           $kind     tests or visit
 * @property StoredPlayedTests|StoredPlayedVisit $content
 * @property CarbonImmutable  $taken_at
 */
final class PlayedAct extends Model
{
    use BootsByName;
    use ReadsOnce;

    public const TESTS = 'tests';
    public const VISIT = 'visit';

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['place' => 'integer', 'content' => 'array', 'taken_at' => 'immutable_datetime'];
    }
}
