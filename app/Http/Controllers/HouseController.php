<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HouseRequest;
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
        $this->salon()->update($request->validated());

        return redirect()->route('house.edit')->with('said', 'Saved. New clients start from this; those already in the book keep their own.');
    }
}
