<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\LedgerPage;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class LedgerController extends Controller
{
    public function show(Request $request, Head $head): View
    {
        return view('heads.ledger', LedgerPage::of($head, $request->integer('stratum'), $request->integer('weeks', 4)));
    }
}
