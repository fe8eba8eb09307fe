<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use App\Bridge\Plans\PlanForetold;
use App\Models\Salon;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Learning\PlansForetold;
use Nagomi\Core\Parameters\Parameters;

/** What a salon's plans foretold of the weeks after a test, beside what came. */
final readonly class ForetoldPlans
{
    public const MONTHS_LOOKED_BACK = 12;

    /** Of so many days something must be known. */
    private const FEWEST_DAYS = 20;

    public function __construct(private Parameters $parameters)
    {
    }

    public function of(Salon $salon): ?PlansForetold
    {
        $today = $salon->today();
        $days = PlanForetold::DAYS;
        $plans = DB::table('plan_foretold')
            ->join('balance_days', fn (JoinClause $join): JoinClause => $join
                ->on('balance_days.head_id', '=', 'plan_foretold.head_id')
                ->on('balance_days.date', '>', 'plan_foretold.made_on')
                ->whereRaw("balance_days.date <= plan_foretold.made_on + interval {$days} day"))
            ->where('plan_foretold.salon_id', $salon->id)
            ->where('plan_foretold.made_on', '>=', $today->subMonths(self::MONTHS_LOOKED_BACK)->format('Y-m-d'))
            ->where('plan_foretold.made_on', '<=', $today->subDays($days)->format('Y-m-d'))
            ->groupBy('plan_foretold.id', 'plan_foretold.head_id', 'plan_foretold.in_balance')
            ->havingRaw('count(*) >= ?', [self::FEWEST_DAYS])
            ->select(['plan_foretold.head_id', 'plan_foretold.in_balance'])
            ->selectRaw('avg(balance_days.in_balance) as came')
            ->get();
        $pairs = [];
        /** @var object{head_id: string, in_balance: float|string, came: float|string} $plan */
        foreach ($plans as $plan) {
            $pairs[] = [$plan->head_id, (float) $plan->in_balance, (float) $plan->came];
        }

        return PlansForetold::of($pairs, $this->parameters->learning);
    }
}
