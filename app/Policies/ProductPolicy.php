<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Product;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A product belongs to its salon; to everybody else it is not there. */
final class ProductPolicy
{
    public function view(User $user, Product $product): Response
    {
        return $user->salon_id === $product->salon_id ? Response::allow() : Response::denyAsNotFound();
    }
}
