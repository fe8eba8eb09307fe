<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Products\SalonIngredients;
use App\Models\Salon;
use App\Models\User;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\InvalidMix;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixNames;
use Nagomi\Core\Products\MixPart;
use Nagomi\Core\Products\MixUse;

/** A mix to be made up: parts in percent, a carrier, and how much of it. */
final class MixRequest extends FormRequest
{
    private ?Mix $mix = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['nullable', 'string', 'max:80'], 'carrier' => ['nullable', 'string', 'max:80'],
            'total_ml' => ['nullable'], 'parts' => ['array', 'max:8'],
            'use' => ['nullable', Rule::in(array_column(MixUse::ways(), 'value'))],
            'for' => ['nullable', Rule::in(array_column(MixUse::people(), 'value'))],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if (! $this->has('parts')) {
                return;
            }
            $names = new MixNames(
                $this->container->make(SalonIngredients::class)->of($this->salon()),
                $this->container->make(Parameters::class)->products,
            );
            $parts = $this->mixed($validator, $names);
            $total = TypedNumber::from($this->input('total_ml'));
            if ($parts === []) {
                $validator->errors()->add('parts.0.name', Words::say('refusals.mix.parts-0-name'));
            }
            if ($validator->errors()->isEmpty() && $parts !== []) {
                try {
                    $this->mix = new Mix(
                        $parts,
                        $names->part($this->string('carrier')->trim()->value() ?: 'water', 0.0),
                        is_int($total) || is_float($total) ? (float) $total : 0.0,
                        $this->container->make(Parameters::class)->products,
                        $this->uses(),
                    );
                } catch (InvalidMix $wrong) {
                    $validator->errors()->add($wrong->ofBatch ? 'total_ml' : 'parts.0.percent', Said::why($wrong));
                }
            }
        });
    }

    private function salon(): Salon
    {
        /** @var User $user the route is open to staff alone */
        $user = $this->user();

        return $user->salon;
    }

    /** @return non-empty-list<MixUse> */
    private function uses(): array
    {
        $for = MixUse::tryFrom($this->string('for')->value());

        return [
            MixUse::tryFrom($this->string('use')->value()) ?? MixUse::Scalp,
            ...$for === null ? [] : [$for],
        ];
    }

    /** @return list<MixPart> what is named with its share */
    private function mixed(Validator $validator, MixNames $names): array
    {
        $parts = [];
        foreach ((array) $this->input('parts') as $i => $part) {
            $name = is_array($part) && is_string($part['name'] ?? null) ? trim($part['name']) : '';
            $percent = TypedNumber::from(is_array($part) ? $part['percent'] ?? null : null);
            if ($name === '' && $percent === null) {
                continue;
            }
            if ($name === '') {
                $validator->errors()->add("parts.{$i}.name", Words::say('refusals.mix.percent'));
            } elseif (! is_int($percent) && ! is_float($percent)) {
                $validator->errors()->add("parts.{$i}.percent", Words::say('refusals.mix.share', ['name' => $name]));
            } else {
                $parts[] = $names->part($name, (float) $percent);
            }
        }

        return $parts;
    }

    public function mix(): ?Mix
    {
        return $this->mix;
    }
}
