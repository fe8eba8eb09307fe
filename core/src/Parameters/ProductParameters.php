<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** How lists of ingredients are read, doses, caps. */
final readonly class ProductParameters
{
    /** % by weight, below which a list may stand in any order */
    public float $linePercent;

    /** share of what is not water, from which a list says too little to go by where so much of it is not known */
    public float $unreadFromShare;

    /** @var array<string, float> % by weight at which ingredients are usually used, by what they do */
    public array $usualPercent;

    /** @var array<string, float> % by weight from which slip, hold or weight are called medium or high */
    public array $feelFromPercent;

    /** @var array<string, float> °C dew point below which and above which strong humectants work against the hair */
    public array $dewPointEasy;

    /** @var array<string, list<float>> mL a section, least and most */
    public array $doseMlASection;

    /** @var array<string, list<float>> mL a head, least and most, of what is rubbed in over the whole head */
    public array $doseMlAHead;

    /** mm of stretched length the doses above are for */
    public float $doseLengthMm;

    /** @var array<string, float> times the dose, at least and at most, by length */
    public array $doseByLength;

    /** @var array<string, float> times the dose, by what takes more */
    public array $doseBy;

    /** drops a millilitre */
    public float $dropsAMl;

    /** days a water-based mix without a preservative keeps, cold */
    public int $homeMadeKeepsDays;

    /** @var array<string, int> days a mix keeps with such a part in it, by {@see MixKind} */
    public array $mixKeepsDays;

    /** @var array<string, float> % of essential oils together, by where they go and on whom ({@see MixUse}) */
    public array $essentialOilMostPercent;

    /** @var array<string, float> % on skin of single essential oils that bear less, by their name in the ingredient book */
    public array $essentialOilMostOf;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->linePercent = $table->number('products.line-percent');
        $this->unreadFromShare = $table->number('products.unread-from-share');
        $this->usualPercent = $table->numbers('products.usual-percent');
        $this->feelFromPercent = $table->numbers('products.feel-from-percent');
        $this->dewPointEasy = $table->numbers('products.dew-point-easy');
        $this->doseMlASection = $table->lists('products.dose-ml-a-section');
        $this->doseMlAHead = $table->lists('products.dose-ml-a-head');
        $this->doseLengthMm = $table->number('products.dose-length-mm');
        $this->doseByLength = $table->numbers('products.dose-by-length');
        $this->doseBy = $table->numbers('products.dose-by');
        $this->dropsAMl = $table->number('products.drops-a-ml');
        $this->homeMadeKeepsDays = $table->whole('products.home-made-keeps-days');
        $this->mixKeepsDays = array_map(intval(...), $table->numbers('products.mix-keeps-days'));
        $this->essentialOilMostPercent = $table->numbers('products.essential-oil-most-percent');
        $this->essentialOilMostOf = $table->numbers('products.essential-oil-most-of');
    }
}
