<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TypedNumber;
use App\Models\Head;
use App\Pages\Plan\WhatIfScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class WhatIfController extends Controller
{
    public function __construct(
        private readonly WhatIfScreen $whatIfScreen,
    ) {
    }

    public function show(Request $request, Head $head): View
    {
        $number = TypedNumber::from($request->query('number'));
        $page = $this->whatIfScreen->of(
            $head,
            $request->string('change')->value(),
            is_string($number) || $number === null ? null : (float) $number,
            $request->string('number')->value(),
        );

        return view('plan.what-if', $page);
    }
}
