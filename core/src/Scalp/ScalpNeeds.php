<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Readings\Sign;

/** What a scalp as it is asks for on a wash day, and what it bears. */
final readonly class ScalpNeeds
{
    private ScalpParameters $scalp;

    public function __construct(private Head $head)
    {
        $this->scalp = $head->parameters->scalp;
    }

    /**
     * The sign that calls for scalp care this morning: flakes, or an itch that flakes go with. Nothing on a scalp that
     * is sore or for a clinician; null where none does.
     */
    public function careFor(ScalpState $morning): ?Sign
    {
        if ($this->head->soreScalp || $this->head->redSign) {
            return null;
        }
        $flakes = $morning->expected(Sign::ScalpFlakes, $this->scalp) ?? 0.0;
        $limit = $this->scalp->limit['flakes'];

        return match (true) {
            $flakes >= $limit => Sign::ScalpFlakes,
            $flakes >= $limit / 2 && $this->isPast(Sign::ScalpItch, $morning) => Sign::ScalpItch,
            default => null,
        };
    }

    /** Whether oil is past its limit this morning, on a scalp that bears a shampoo. */
    public function isOily(ScalpState $morning): bool
    {
        return ! $this->head->soreScalp && ! $this->head->redSign && $this->isPast(Sign::ScalpOil, $morning);
    }

    /** Whether oil may go on this scalp: where it is oily by itself none is added, whatever the house holds. */
    public function bearsOil(ScalpState $morning): bool
    {
        $holdsWithIt = $this->head->method->says(MethodQuestion::Scalp, 'oil-also-when-flaking');

        return ! $this->head->soreScalp
            && ! $this->head->redSign
            && ! $this->isPast(Sign::ScalpOil, $morning)
            && ($holdsWithIt || ! $this->isPast(Sign::ScalpFlakes, $morning));
    }

    /** Whether a sign is expected past what something is done about. */
    public function isPast(Sign $sign, ScalpState $state): bool
    {
        return ($state->expected($sign, $this->scalp) ?? 0.0) >= $this->limitOf($sign);
    }

    /** In the sign's own unit. */
    public function limitOf(Sign $sign): float
    {
        return $this->scalp->limit[str_replace('scalp-', '', $sign->value)] ?? INF;
    }
}
