<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Salon;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

abstract class Controller
{
    protected function stylist(): User
    {
        $user = Auth::user();
        if (! $user instanceof User) {
            abort(403);
        }

        return $user;
    }

    protected function salon(): Salon
    {
        return $this->stylist()->salon;
    }
}
