<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SalonRequest;
use App\Models\Outlook;
use App\Pages\Salon\SalonScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class SalonController extends Controller
{
    public function __construct(
        private readonly SalonScreen $salonScreen,
    ) {
    }

    public function edit(): View
    {
        return view('salon.edit', $this->salonScreen->of($this->salon()));
    }

    public function update(SalonRequest $request): RedirectResponse
    {
        $salon = $this->salon();
        $salon->fill($request->columns());
        $weather = $salon->isDirty(['climate', 'air']);
        $salon->save();
        if ($weather) {
            // Other air, other balances: each head is worked out anew when it is next looked at.
            Outlook::query()->where('salon_id', $salon->id)->delete();
        }


        return redirect()->route('salon.edit')->with(
            'said',
            Words::say('said.salon.update'),
        );
    }
}
