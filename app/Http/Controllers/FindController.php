<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\Shared\FindScreen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Any client, product, screen or act, by any part of its name. */
final class FindController extends Controller
{
    private const MOST_LETTERS = 80;

    public function __construct(private readonly FindScreen $findScreen)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $search = mb_substr($request->string('search')->value(), 0, self::MOST_LETTERS);

        return response()->json(['found' => $this->findScreen->of($this->salon(), $search)]);
    }
}
