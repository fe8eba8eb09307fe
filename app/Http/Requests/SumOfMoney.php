<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Money;
use App\Wording\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A sum that the currency can pay, within what the books hold. */
final readonly class SumOfMoney implements ValidationRule
{
    /**
     * @param string $currency ISO 4217
     * @param string $wrong    key of what is said of a sum that is none, or too large
     * @param bool   $some     whether nothing at all is no sum
     */
    public function __construct(private string $currency, private string $wrong, private bool $some = false)
    {
    }

    /** @param Closure(string): mixed $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $smallest = Money::smallestCents($this->currency);
        $cents = is_numeric($value) ? 100 * (float) $value : -1.0;
        $says = match (true) {
            is_string($value), $cents < ($this->some ? 0.001 : 0.0), $cents > 100 * Money::MOST => $this->says(),
            abs($cents - $smallest * round($cents / $smallest)) < 1e-6 => null,
            $smallest === 1 => Words::say('prices.wrong.hundredths'),
            default => Words::say('prices.wrong.whole', ['currency' => $this->currency]),
        };
        if ($says !== null) {
            $fail($says);
        }
    }

    /** What to type instead. */
    public function says(): string
    {
        return Words::say($this->wrong, ['most' => Money::most()]);
    }
}
