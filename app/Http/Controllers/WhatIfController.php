<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\WhatIfPage;
use App\Http\Requests\TypedNumber;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class WhatIfController extends Controller
{
    public function show(Request $request, Head $head): View
    {
        $number = TypedNumber::from($request->query('number'));
        $page = WhatIfPage::of($head, $request->string('change')->value(), is_string($number) || $number === null ? null : (float) $number);

        return view('heads.what-if', $page + ['typed' => $request->string('number')->value()]);
    }
}
