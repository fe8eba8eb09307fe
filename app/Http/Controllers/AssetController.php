<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Assets\AssetFile;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Answers for what ships where the web server was not told to; slower, and the same. */
final class AssetController extends Controller
{
    public function __invoke(Request $request): Response
    {
        $asset = AssetFile::at(public_path(), $request->getPathInfo());
        if ($asset === null) {
            abort(404);
        }
        $compressed = in_array('gzip', $request->getEncodings(), true);

        return response($asset->content($compressed), 200, $asset->headers($compressed));
    }
}
