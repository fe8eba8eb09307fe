<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use Nagomi\Core\Treatments\Step;

/** The bottle a step is done with and why it and no other; or, where none does it, what is missing. */
final readonly class ChosenBottle
{
    /**
     * @param float       $ml      for the whole head
     * @param string      $care    what is to be minded with it, empty where nothing is
     * @param string      $patchTest what comes before it touches a client whose allergies are noted and who was never
     *     washed with it: a patch test 48 h before, its label read; empty where nothing does
     * @param string      $because why it and not the next, empty where nothing told them apart
     * @param string      $passed  what was passed over and why, empty where nothing was
     * @param string      $missing that no bottle does it and why; empty where one does, or none of the kind is there
     * @param Step|null   $with    the step done with it; null where there is none, or no plan asks for the step
     * @param list<OtherBottle> $others what it could be done with instead, what does it first
     * @param string      $absent  that the salon keeps products and none of this kind; empty where it does, or at home
     * @param Step|null   $nearest where it is missing, the step done with the bottle that comes nearest
     */
    public function __construct(
        public ?Product $product,
        public float $ml,
        public ?string $pumps,
        public ?int $costCents,
        public string $care,
        public string $patchTest,
        public string $because,
        public string $passed,
        public string $missing,
        public string $absent,
        public ?Step $nearest,
        public ?Step $with,
        public array $others,
    ) {
    }

    /** Why there is no bottle; empty where there is one, or nobody keeps any. */
    public function lacks(): string
    {
        return $this->missing === '' ? $this->absent : $this->missing;
    }

    /**
     * @return array{
     *     id: string, name: string, ml: float, pumps: string|null, cost_cents: int|null, care: string,
     *     because: string, passed: string, left: float|null, label_minutes: int|null,
     * }|null as a wash day keeps it; null where there is none
     */
    public function kept(): ?array
    {
        return $this->product === null ? null : [
            'id' => $this->product->id,
            'name' => $this->product->name,
            'ml' => $this->ml,
            'pumps' => $this->pumps,
            'cost_cents' => $this->costCents,
            'care' => trim("{$this->care} {$this->patchTest}"),
            'because' => $this->because,
            'passed' => $this->passed,
            'left' => $this->product->left_ml,
            'label_minutes' => $this->product->label_minutes,
        ];
    }
}
