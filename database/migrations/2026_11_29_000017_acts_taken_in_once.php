<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Each act that changed something, with the answer it got: sent again, it is answered again and not done again.
        // No foreign keys: an act is claimed before anything is locked, and may outlive what it was about by a day.
        Schema::create('acts', function (Blueprint $table): void {
            $table->id();
            $table->char('digest', 64)->unique();
            $table->string('what', 190);
            $table->mediumText('answer')->nullable();
            $table->timestamp('taken_at', 3)->index();
        });
        Schema::table('heads', function (Blueprint $table): void {
            // The earliest day whose balance is still to be worked out anew; null: the outlook is in step with the
            // book.
            $table->date('outlook_due_from')->nullable()->index();
        });
    }
};
