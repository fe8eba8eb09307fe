<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\CausePage;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class CauseController extends Controller
{
    public function show(Request $request, Head $head): View
    {
        return view('heads.cause', CausePage::of($head, $request->string('of')->value()));
    }
}
