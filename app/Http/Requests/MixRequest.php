<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DomainException;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixPart;

/** A mix to be made up: parts in percent, a carrier, and how much of it. */
final class MixRequest extends FormRequest
{
    private ?Mix $mix = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['nullable', 'string', 'max:80'], 'carrier' => ['nullable', 'string', 'max:80'],
            'total_ml' => ['nullable'], 'parts' => ['array', 'max:8'], 'careful' => ['nullable', 'boolean'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if (! $this->has('parts')) {
                return;
            }
            $parts = $this->mixed($validator);
            $total = TypedNumber::from($this->input('total_ml'));
            if ($parts === []) {
                $validator->errors()->add('parts.0.name', 'Name at least one part beside the carrier.');
            }
            if ($validator->errors()->isEmpty() && $parts !== []) {
                try {
                    $this->mix = new Mix(
                        $parts,
                        $this->string('carrier')->trim()->value() ?: 'water',
                        is_int($total) || is_float($total) ? (float) $total : 0.0,
                        $this->container->make(Parameters::class)->products,
                        $this->boolean('careful'),
                    );
                } catch (DomainException $wrong) {
                    $validator->errors()->add('total_ml', $wrong->getMessage());
                }
            }
        });
    }

    /** @return list<MixPart> what is named with its share */
    private function mixed(Validator $validator): array
    {
        $parts = [];
        foreach ((array) $this->input('parts') as $i => $part) {
            $name = is_array($part) && is_string($part['name'] ?? null) ? trim($part['name']) : '';
            $percent = TypedNumber::from(is_array($part) ? $part['percent'] ?? null : null);
            if ($name === '' && $percent === null) {
                continue;
            }
            if ($name === '') {
                $validator->errors()->add("parts.{$i}.name", 'Part: name it, or empty its share.');
            } elseif (! is_int($percent) && ! is_float($percent)) {
                $validator->errors()->add("parts.{$i}.percent", "{$name}: type its share in %, such as 0.5.");
            } else {
                $parts[] = new MixPart(
                    $name,
                    (float) $percent,
                    (
                        IngredientBook::shipped()->find($name)[0] ?? null
                    )?->does(IngredientFunction::EssentialOil) === true,
                );
            }
        }

        return $parts;
    }

    public function mix(): ?Mix
    {
        return $this->mix;
    }
}
