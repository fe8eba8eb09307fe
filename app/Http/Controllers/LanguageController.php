<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Wording\MessageLanguage;
use App\Wording\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The language a stylist reads the salon's pages in. */
final class LanguageController extends Controller
{
    public function update(Request $request): RedirectResponse
    {
        $request->validate(
            ['language' => ['required', 'string', Rule::in(array_keys(MessageLanguage::NAMES))]],
            ['language.*' => Words::say('refusals.language')],
        );
        $this->stylist()->update(['language' => $request->string('language')->value()]);

        return back();
    }
}
