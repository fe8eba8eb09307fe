<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Plans\PlanAct;
use App\Bridge\Plans\PlanActs;
use App\Models\Head;
use App\Models\User;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** What is done to one wash day of a season. */
final class PlanActRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', 'date_format:Y-m-d'],
            'act' => ['required', Rule::in(PlanAct::KINDS)],
            'value' => ['nullable', 'string', 'max:20'],
            'seen' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => Words::say('refusals.plan-act.wrong')];
    }

    public function act(): PlanAct
    {
        /** @var Head $head */
        $head = $this->route('head');
        /** @var User $user */
        $user = $this->user();
        try {
            return app(PlanActs::class)->of(
                $head->loadMissing('salon'),
                $this->string('date')->value(),
                $this->string('act')->value(),
                $this->string('value')->value(),
                $user->name,
            );
        } catch (InvalidArgumentException $cannot) {
            throw ValidationException::withMessages(['act' => Said::why($cannot)]);
        }
    }

    public function seen(): ?int
    {
        return $this->filled('seen') ? $this->integer('seen') : null;
    }
}
