<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Scheduling\PricedVisits;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\User;
use App\Wording\Money;
use App\Wording\TypedMoney;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Price, discount and deposit of one visit. */
final class BillRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(array_map(
            fn (mixed $typed): int|float|string|null => TypedMoney::from($typed, $this->currency()),
            $this->only(['price', 'deposit']),
        ));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'price' => ['nullable', new SumOfMoney($this->currency(), 'prices.wrong.price')],
            'discount' => ['nullable', 'string', 'max:20'],
            'discount_because' => ['nullable', 'string', 'max:120'],
            'deposit' => ['nullable', new SumOfMoney($this->currency(), 'prices.wrong.deposit', some: true)],
            'deposit_state' => ['nullable', 'string', Rule::in(array_column(DepositState::cases(), 'value'))],
            'sequence' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'discount' => Words::say('prices.wrong.discount'),
            'discount_because' => Words::say('prices.wrong.because'),
            'deposit_state' => Words::say('prices.wrong.state'),
            'sequence' => Words::say('booking.caller.damaged'),
        ]);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $booking = $this->route('booking');
            if (! $booking instanceof Booking || $validator->errors()->isNotEmpty()) {
                return;
            }
            foreach ($this->wrong($booking) as $field => $wrong) {
                $validator->errors()->add($field, Words::say("prices.wrong.{$wrong}"));
            }
        });
    }

    /** @return array<string, string> what is wrong beside the rules, by field */
    private function wrong(Booking $booking): array
    {
        $price = $this->priceCents($booking);
        $discount = $this->discount();
        if ($price === null) {
            return ['price' => 'no-list'];
        }
        if ($discount === null || ($discount['discount_cents'] ?? 0) > $price) {
            return ['discount' => 'discount'];
        }
        $due = PricedVisits::bill($booking->replicate()->fill($discount + ['price_cents' => $price]), $booking->salon);
        $isMissed = in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);

        return match (true) {
            ($this->depositCents() ?? 0) > $due->dueCents => ['deposit' => 'deposit'],
            $this->state() === DepositState::Kept && ! $isMissed => ['deposit_state' => 'kept'],
            default => [],
        };
    }

    /** @return array<string, mixed> what changes with it */
    public function columns(Booking $booking): array
    {
        $deposit = $this->depositCents();

        return [
            'price_cents' => $this->priceCents($booking) ?? $booking->price_cents,
            'price_by_hand' => $this->filled('price')
                && $this->priceCents($booking) !== PricedVisits::listed($booking)?->cents,
            ...$this->discount() ?? [],
            'discount_because' => $this->filled('discount') && $this->filled('discount_because')
                ? trim($this->string('discount_because')->value())
                : null,
            'deposit_cents' => $deposit,
            'deposit' => $deposit === null ? null : $this->state() ?? DepositState::Asked,
        ];
    }

    /** Null where nothing was typed and the service is on no list any more. */
    private function priceCents(Booking $booking): ?int
    {
        return $this->filled('price') ? $this->cents('price') : PricedVisits::listed($booking)?->cents;
    }

    /** @return array{discount_hundredths: int|null, discount_cents: int|null}|null null: it cannot be read */
    private function discount(): ?array
    {
        $typed = trim($this->string('discount')->value());
        $isShare = str_ends_with($typed, '%');
        $number = $isShare ? TypedNumber::from(rtrim($typed, '% ')) : TypedMoney::from($typed, $this->currency());
        if ($typed === '') {
            return ['discount_hundredths' => null, 'discount_cents' => null];
        }
        if (is_string($number) || $number === null || $number <= 0 || $number > ($isShare ? 100 : Money::MOST)) {
            return null;
        }
        $hundredths = (int) round(100 * $number);
        if (! $isShare && $hundredths % Money::smallestCents($this->currency()) !== 0) {
            return null;
        }

        return [
            'discount_hundredths' => $isShare ? $hundredths : null, 'discount_cents' => $isShare ? null : $hundredths,
        ];
    }

    private function depositCents(): ?int
    {
        return $this->filled('deposit') ? $this->cents('deposit') : null;
    }

    private function state(): ?DepositState
    {
        return DepositState::tryFrom($this->string('deposit_state')->value());
    }

    /** @return string ISO 4217 */
    private function currency(): string
    {
        /** @var User $user */
        $user = $this->user();

        return $user->salon->currency;
    }

    private function cents(string $field): int
    {
        return (int) round(100 * $this->float($field));
    }
}
