<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\WashSession;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;

/** How much time there is for a wash day, and how it is dried. */
final class WashSessionRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(['limit' => TypedNumber::from($this->input('limit'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'limit' => ['nullable', 'numeric', 'between:10,720'],
            'drying' => ['nullable', Rule::enum(DryingMethod::class)],
            'styling' => ['nullable', Rule::enum(StylingMethod::class)],
            'like' => ['nullable', 'string', 'size:26'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule(['limit' => Words::say('refusals.wash-session.limit')]) + [
            'drying' => Words::say('refusals.wash-session.drying'),
            'styling' => Words::say('refusals.wash-session.styling'),
            'like' => Words::say('wash.like-gone'),
        ];
    }

    public function limit(): ?float
    {
        return $this->filled('limit') ? $this->float('limit') : null;
    }

    /** @return WashSession|null a wash day of this client that this one is to be like; null where nobody said */
    public function like(Head $head): ?WashSession
    {
        $like = $this->string('like')->value();
        /** @var WashSession|null $washSession */
        $washSession = $like === ''
            ? null
            : $head->washSessions()->whereNotNull('finished_at')->find($like);
        if ($like !== '' && $washSession === null) {
            throw ValidationException::withMessages(['like' => Words::say('wash.like-gone')]);
        }

        return $washSession;
    }

    /** @return StylingMethod|null null where nobody chose: as it was planned */
    public function styling(): ?StylingMethod
    {
        return StylingMethod::tryFrom($this->string('styling')->value());
    }

    /** @return DryingMethod|null null where nobody chose: as usual for this client */
    public function drying(): ?DryingMethod
    {
        return DryingMethod::tryFrom($this->string('drying')->value());
    }
}
