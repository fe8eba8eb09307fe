<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\FirstCode;
use App\Care\Accounts\NewSalon;
use App\Care\Accounts\SalonOpening;
use App\Care\Archive\RestoreRefused;
use App\Care\Archive\SalonRestore;
use App\Http\Requests\FirstArchiveRequest;
use App\Http\Requests\FirstSalonRequest;
use App\Pages\Accounts\BeginScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

/** Where a machine that holds no salon yet gets its first. */
final class FirstSalonController extends Controller
{
    public function __construct(
        private readonly FirstCode $firstCode,
        private readonly SalonOpening $salonOpening,
        private readonly SalonRestore $salonRestore,
    ) {
    }

    public function create(BeginScreen $beginScreen): View
    {
        return view('accounts.begin', $beginScreen->page());
    }

    public function store(FirstSalonRequest $request): RedirectResponse
    {
        if ($this->salonOpening->isTaken()) {
            return redirect()->route('sign-in')->with('said', Words::say('begin.taken'));
        }
        $owner = $this->salonOpening->open(new NewSalon(
            name: trim($request->string('name')->value()),
            timezone: $request->string('timezone')->value(),
            language: app()->getLocale(),
            currency: $request->string('currency')->value(),
            hardnessMgPerL: $request->float('hardness_mg_per_l'),
            climate: $request->string('climate')->value(),
            chairs: $request->integer('chairs'),
            owner: trim($request->string('owner')->value()),
            email: trim($request->string('email')->value()),
            password: $request->string('password')->value(),
            week: $request->week(),
            services: $request->services(),
        ));
        $this->firstCode->forget();
        Auth::login($owner);
        $request->session()->regenerate();

        return redirect()->route('today')->with('said', Words::say('begin.done', ['salon' => $owner->salon->name]));
    }

    public function restore(FirstArchiveRequest $request): RedirectResponse
    {
        if ($this->salonOpening->isTaken()) {
            return redirect()->route('sign-in')->with('said', Words::say('begin.taken'));
        }
        try {
            $restored = $this->salonRestore->from($request->pathOfArchive());
        } catch (RestoreRefused $refused) {
            return redirect()->route('begin')->withFragment('back')->withErrors(['archive' => $refused->getMessage()]);
        }
        $this->firstCode->forget();

        // Nobody's password came with it: whoever owns the salon chooses one.
        return redirect()->to($restored->owners[0]['link'] ?? route('sign-in'))
            ->with('said', Words::say('begin.restored', ['salon' => $restored->salon->name]));
    }
}
