<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** House styles under names, with the tutor's other things. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('named_styles', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->text('standing');
            $table->timestamps();
        });
    }

    /** Styles that are kept are not thrown away. */
    public function down(): never
    {
        throw new LogicException('Styles that were kept are not thrown away.');
    }
};
