<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Models\Act as ActModel;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Str;
use Illuminate\View\Component;

/** The key of what a form does: sent twice, it is done once. Every form that changes something carries one. */
final class Act extends Component
{
    public readonly string $key;

    public readonly string $field;

    public function __construct()
    {
        $this->field = ActModel::FIELD;
        $this->key = strtolower((string) Str::ulid());
    }

    public function render(): View
    {
        return view('components.act');
    }
}
