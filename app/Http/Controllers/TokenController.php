<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;

/** A fresh token for a page that stayed open while its stylist signed in elsewhere. */
final class TokenController extends Controller
{
    public function __invoke(): JsonResponse
    {
        return response()->json(['token' => csrf_token(), 'stylist' => $this->stylist()->id]);
    }
}
