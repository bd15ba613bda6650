<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Work that another version of Runel judges otherwise is told of until the tutor has seen it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('attempts', function (Blueprint $table): void {
            $table->date('otherwise_on')->nullable()->index();
        });
    }

    /** A column that nobody fills any more hurts nobody. */
    public function down(): never
    {
        throw new LogicException('Work that was written does not shrink.');
    }
};
