<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HouseRequest;
use App\Models\Outlook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class HouseController extends Controller
{
    public function edit(): View
    {
        return view('house.edit', ['salon' => $this->salon()]);
    }

    public function update(HouseRequest $request): RedirectResponse
    {
        $salon = $this->salon();
        $salon->fill($request->columns());
        $weather = $salon->isDirty(['climate', 'air']);
        $salon->save();
        if ($weather) {
            // Other air, other balances: each head is worked out anew when it is next looked at.
            Outlook::query()->where('salon_id', $salon->id)->delete();
        }


        return redirect()->route('house.edit')->with('said', 'Saved. New clients start from this; those already in the book keep their own.');
    }
}
