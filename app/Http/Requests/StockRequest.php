<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is left of a product, counted by volume, weight or level; or what was bought. */
final class StockRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(['amount' => TypedNumber::from($this->input('amount'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'how' => ['required', Rule::in(['left-ml', 'left-g', 'level', 'bought'])],
            'amount' => ['required', 'numeric', 'between:0,' . ($this->input('how') === 'level' ? '100' : '50000')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'amount' => $this->input('how') === 'level'
                ? Words::say('refusals.stock.level')
                : Words::say('refusals.stock.level-2'),
            'how' => Words::say('refusals.stock.how'),
        ]);
    }
}
