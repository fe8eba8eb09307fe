<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use OutOfBoundsException;

/**
 * Where each quantity of a head stands in the state vector: five for each stratum, then the head's own three
 * log-multipliers, then its own offset for each sign that was ever read on it. A sign never read says nothing and needs
 * no place.
 */
final readonly class StateLayout
{
    public const PER_STRATUM = 5;
    public const MOISTURE = 0;
    public const PROTEIN = 1;
    public const WASHABLE = 2;
    public const STUBBORN = 3;
    public const WEAR = 4;

    public int $strata;
    public int $moistureFading;
    public int $proteinFading;
    public int $uptake;
    public int $size;
    public Humidity $air;
    public Parameters $parameters;

    /**
     * @param list<Sign>    $signs each once
     * @param Humidity|null $air   null: the head's usual humidity every day
     */
    public function __construct(public Head $head, public array $signs = [], ?Humidity $air = null)
    {
        $this->parameters = $head->parameters;
        $this->air = $air ?? new Humidity($head->humidityPercent);
        $this->strata = count($head->strata);
        $this->moistureFading = self::PER_STRATUM * $this->strata;
        $this->proteinFading = $this->moistureFading + 1;
        $this->uptake = $this->moistureFading + 2;
        $this->size = $this->moistureFading + 3 + count($signs);
    }

    /** @param self::MOISTURE|self::PROTEIN|self::WASHABLE|self::STUBBORN|self::WEAR $quantity */
    public function of(int $stratum, int $quantity): int
    {
        return self::PER_STRATUM * $stratum + $quantity;
    }

    /** @return array{int, int, int, int, int} places of moisture, protein, washable, stubborn, wear, in this order */
    public function ofStratum(int $stratum): array
    {
        $first = self::PER_STRATUM * $stratum;

        return [
            $first + self::MOISTURE, $first + self::PROTEIN, $first + self::WASHABLE, $first + self::STUBBORN,
            $first + self::WEAR,
        ];
    }

    /** @return array{moisture-fading: int, protein-fading: int, uptake: int} places of the head's own rates, by name */
    public function rates(): array
    {
        return [
            'moisture-fading' => $this->moistureFading, 'protein-fading' => $this->proteinFading,
            'uptake' => $this->uptake,
        ];
    }

    /**
     * The head's own offset of one sign.
     *
     * @throws OutOfBoundsException for a sign that has no place here
     */
    public function offset(Sign $sign): int
    {
        $place = array_search($sign, $this->signs, true);
        if ($place === false) {
            throw new OutOfBoundsException("The offset of {$sign->value} has no place in this layout.");
        }

        return $this->uptake + 1 + $place;
    }

    /** @param list<Sign> $signs */
    public function withSigns(array $signs): self
    {
        return new self($this->head, $signs, $this->air);
    }

    /** The same places for a head that differs in its circumstances only, not in its strata. */
    public function under(Head $head): self
    {
        return new self($head, $this->signs, $this->air->about($head->humidityPercent));
    }
}
