<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Plans\PlanTermsEdits;
use App\Care\Plans\UsedChanges;
use App\Http\Requests\TypedNumber;
use App\Http\Requests\UseChangeRequest;
use App\Http\Requests\WishRequest;
use App\Models\Head;
use App\Pages\Plan\WhatIfScreen;
use App\Wording\Said;
use DomainException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InvalidArgumentException;

final class WhatIfController extends Controller
{
    public function __construct(
        private readonly PlanTermsEdits $planTermsEdits,
        private readonly UsedChanges $usedChanges,
        private readonly WhatIfScreen $whatIfScreen,
    ) {
    }

    public function show(WishRequest $request, Head $head): View
    {
        $number = TypedNumber::from($request->query('number'));
        $asked = array_map(
            fn (string $field): string => $request->string($field)->value() ?: $this->typedBefore($field),
            [
                'asked' => 'asked', 'change' => 'change', 'wish' => 'wish', 'treatment' => 'wish_what',
                'number' => 'number', 'days' => 'wish_days', 'from' => 'wish_from', 'until' => 'wish_until',
            ],
        );
        $page = $this->whatIfScreen->of(
            $head,
            ['number' => $asked['number'] !== '' ? $asked['number'] : $asked['days']] + $asked,
            is_string($number) || $number === null ? null : (float) $number,
            $request->wished(),
        );

        return view('plan.what-if', $page)->with('wish', $request->fields());
    }

    /** What was typed and could not be asked. */
    private function typedBefore(string $field): string
    {
        $typed = old($field);

        return is_scalar($typed) ? (string) $typed : '';
    }

    /** Makes a wish the plan. */
    public function wish(WishRequest $request, Head $head): RedirectResponse
    {
        $wished = $request->wished() ?? abort(404);

        return $this->done($head, function () use ($request, $head, $wished): string {
            $this->planTermsEdits->wish($head, $wished, $this->stylist()->name, $this->seen($request));

            return __('wishes.used', ['says' => $wished->says]);
        });
    }

    public function withoutWish(Request $request, Head $head, int $place): RedirectResponse
    {
        return $this->done($head, function () use ($request, $head, $place): string {
            $said = __('wishes.taken-out');
            $this->planTermsEdits->withoutWish($head, $place, $said, $this->stylist()->name, $this->seen($request));

            return $said;
        });
    }

    /** Makes a change of rhythm, minutes or habit the way it is done from now on. */
    public function use(UseChangeRequest $request, Head $head): RedirectResponse
    {
        $change = $request->string('change')->value();
        try {
            $this->usedChanges->use($head, $change, $request->number());
        } catch (InvalidArgumentException $wrong) {
            return redirect()->route('clients.plan.what-if', $head)->withErrors(['number' => Said::why($wrong)]);
        }

        return redirect()->route('clients.plan', $head)->with(
            'said',
            __("wishes.changed.{$change}", ['number' => (int) $request->number()]),
        );
    }

    private function seen(Request $request): ?int
    {
        return $request->filled('seen') ? $request->integer('seen') : null;
    }

    /** @param callable(): string $act */
    private function done(Head $head, callable $act): RedirectResponse
    {
        try {
            return redirect()->route('clients.plan', $head)->with('said', $act());
        } catch (DomainException $clash) {
            return redirect()->route('clients.plan', $head)->withErrors(['act' => $clash->getMessage()]);
        }
    }
}
