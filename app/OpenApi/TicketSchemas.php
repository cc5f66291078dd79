<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What is computed. The front end reads its types from these.
#[OA\Schema(schema: 'Phrase', type: 'object', additionalProperties: false, required: ['key', 'args'], properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'args', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')])),
])]
#[OA\Schema(schema: 'TimeRange', type: 'object', additionalProperties: false, required: ['low_s', 'likely_s', 'high_s'], properties: [
    new OA\Property(property: 'low_s', type: 'number'),
    new OA\Property(property: 'likely_s', type: 'number'),
    new OA\Property(property: 'high_s', type: 'number'),
])]
#[OA\Schema(schema: 'Finding', type: 'object', additionalProperties: false, required: ['id', 'pieces', 'level', 'key', 'args', 'sources'], properties: [
    new OA\Property(property: 'id', type: 'string', description: 'what is sent back as read'),
    new OA\Property(property: 'pieces', type: 'array', items: new OA\Items(type: 'string'), description: 'marks of the pieces it is about; none where all are alike'),
    new OA\Property(property: 'level', type: 'string', enum: ['clear', 'caution', 'stop']),
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'args', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')])),
    new OA\Property(property: 'sources', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'OfficialMinimum', type: 'object', additionalProperties: false, required: ['core_c', 'rest_s'], properties: [
    new OA\Property(property: 'core_c', type: 'number'),
    new OA\Property(property: 'rest_s', type: 'number'),
])]
#[OA\Schema(schema: 'Offer', type: 'object', additionalProperties: false, required: ['doneness', 'core_c', 'rest_s'], properties: [
    new OA\Property(property: 'doneness', type: 'string'),
    new OA\Property(property: 'core_c', type: 'number'),
    new OA\Property(property: 'rest_s', type: 'number'),
])]
#[OA\Schema(schema: 'Verdict', type: 'object', additionalProperties: false, required: ['level', 'meets_official_minimum', 'official', 'findings', 'offer', 'may_be_handed_over'], properties: [
    new OA\Property(property: 'level', type: 'string', enum: ['clear', 'caution', 'stop']),
    new OA\Property(property: 'meets_official_minimum', type: 'boolean'),
    new OA\Property(property: 'official', ref: '#/components/schemas/OfficialMinimum'),
    new OA\Property(property: 'findings', type: 'array', items: new OA\Items(ref: '#/components/schemas/Finding')),
    new OA\Property(property: 'offer', oneOf: [new OA\Schema(ref: '#/components/schemas/Offer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'may_be_handed_over', type: 'boolean'),
])]
#[OA\Schema(schema: 'TicketCut', type: 'object', additionalProperties: false, required: ['slug', 'name', 'group', 'muscles'], properties: [
    new OA\Property(property: 'slug', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'group', type: 'string'),
    new OA\Property(property: 'muscles', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'Amounts', type: 'object', additionalProperties: false, required: ['diners', 'raw_g', 'raw_per_head_g', 'piece_g', 'pieces', 'length_mm', 'cooked_low_g', 'cooked_high_g'], properties: [
    new OA\Property(property: 'diners', type: 'integer'),
    new OA\Property(property: 'raw_g', type: 'number'),
    new OA\Property(property: 'raw_per_head_g', type: 'number'),
    new OA\Property(property: 'piece_g', type: 'number'),
    new OA\Property(property: 'pieces', type: 'number', nullable: true),
    new OA\Property(property: 'length_mm', type: 'number', nullable: true),
    new OA\Property(property: 'cooked_low_g', type: 'number'),
    new OA\Property(property: 'cooked_high_g', type: 'number'),
])]
#[OA\Schema(schema: 'Target', type: 'object', additionalProperties: false, required: ['scale', 'word', 'core_c', 'from_c', 'to_c'], properties: [
    new OA\Property(property: 'scale', type: 'string', enum: ['kitchen', 'official']),
    new OA\Property(property: 'word', type: 'string'),
    new OA\Property(property: 'core_c', type: 'number'),
    new OA\Property(property: 'from_c', type: 'number'),
    new OA\Property(property: 'to_c', type: 'number'),
])]
#[OA\Schema(schema: 'Effect', type: 'object', additionalProperties: false, required: ['input', 'step', 'unit', 'change_s'], properties: [
    new OA\Property(property: 'input', type: 'string', enum: ['thickness', 'fire', 'surface', 'start', 'collagen']),
    new OA\Property(property: 'step', type: 'number'),
    new OA\Property(property: 'unit', type: 'string'),
    new OA\Property(property: 'change_s', type: 'number'),
])]
#[OA\Schema(schema: 'Stage', type: 'object', additionalProperties: false, required: ['name', 'starts_s', 'ends_s', 'low_s', 'likely_s', 'high_s', 'surface_c', 'turn_every_s', 'turns_at_s', 'core_c'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'starts_s', type: 'number'),
    new OA\Property(property: 'ends_s', type: 'number'),
    new OA\Property(property: 'low_s', type: 'number'),
    new OA\Property(property: 'likely_s', type: 'number'),
    new OA\Property(property: 'high_s', type: 'number'),
    new OA\Property(property: 'surface_c', type: 'number', nullable: true),
    new OA\Property(property: 'metal_falls_to_c', type: 'number', nullable: true, description: 'the coldest the pan gets under the meat'),
    new OA\Property(property: 'turn_every_s', type: 'number', nullable: true),
    new OA\Property(property: 'turns_at_s', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'core_c', type: 'number'),
])]
#[OA\Schema(schema: 'TimelineLine', type: 'object', additionalProperties: false, required: ['at_s', 'clock', 'do', 'takes', 'between'], properties: [
    new OA\Property(property: 'at_s', type: 'integer'),
    new OA\Property(property: 'clock', type: 'string', nullable: true),
    new OA\Property(property: 'do', ref: '#/components/schemas/Phrase'),
    new OA\Property(property: 'takes', oneOf: [new OA\Schema(ref: '#/components/schemas/TimeRange'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'between', oneOf: [new OA\Schema(ref: '#/components/schemas/TimeRange'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'HeatRibbon', type: 'object', additionalProperties: false, required: ['time_s', 'core_c', 'surface_a_c', 'surface_b_c'], properties: [
    new OA\Property(property: 'time_s', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'core_c', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'surface_a_c', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'surface_b_c', type: 'array', items: new OA\Items(type: 'number')),
])]
#[OA\Schema(schema: 'Zone', type: 'object', additionalProperties: false, required: ['word', 'from_c', 'fraction'], properties: [
    new OA\Property(property: 'word', type: 'string'),
    new OA\Property(property: 'from_c', type: 'number', nullable: true),
    new OA\Property(property: 'fraction', type: 'number'),
])]
#[OA\Schema(schema: 'CrossSection', type: 'object', additionalProperties: false, required: ['shape', 'across_mm', 'tissue', 'grey_band_mm', 'peaks_c', 'zones'], properties: [
    new OA\Property(property: 'shape', type: 'string', enum: ['slab', 'cylinder', 'sphere']),
    new OA\Property(property: 'across_mm', type: 'number'),
    new OA\Property(property: 'tissue', type: 'string', enum: ['red', 'pale', 'fish']),
    new OA\Property(property: 'grey_band_mm', type: 'number', nullable: true, description: 'under each face: done beyond the word asked for'),
    new OA\Property(property: 'peaks_c', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
    new OA\Property(property: 'zones', type: 'array', items: new OA\Items(ref: '#/components/schemas/Zone')),
])]
#[OA\Schema(schema: 'LogReduction', type: 'object', additionalProperties: false, required: ['organism', 'core', 'd_ref_s', 't_ref_c', 'z_k'], properties: [
    new OA\Property(property: 'organism', type: 'string'),
    new OA\Property(property: 'core', type: 'number'),
    new OA\Property(property: 'd_ref_s', type: 'number'),
    new OA\Property(property: 't_ref_c', type: 'number'),
    new OA\Property(property: 'z_k', type: 'number'),
])]
#[OA\Schema(schema: 'Losses', type: 'object', additionalProperties: false, required: ['evaporated_share', 'cooking_loss_share', 'crust_mm'], properties: [
    new OA\Property(property: 'evaporated_share', type: 'number', description: 'of the raw weight, as steam'),
    new OA\Property(property: 'cooking_loss_share', type: 'number', description: 'of the raw weight, steam and juice'),
    new OA\Property(property: 'crust_mm', type: 'number', description: 'dried through, under each face'),
])]
#[OA\Schema(schema: 'TextureMeter', type: 'object', additionalProperties: false, required: ['collagen_turned_share', 'fat_rendered_share'], properties: [
    new OA\Property(property: 'collagen_turned_share', type: 'number', description: 'at the core'),
    new OA\Property(property: 'fat_rendered_share', type: 'number', nullable: true, description: 'of a cap of fat; null where none lies on the flat of the piece'),
])]
#[OA\Schema(schema: 'Source', type: 'object', additionalProperties: false, required: ['id', 'kind', 'text'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'text', type: 'string'),
])]
#[OA\Schema(schema: 'Price', type: 'object', additionalProperties: false, required: ['lot', 'currency', 'per_kg', 'total', 'a_head', 'cooked_100g'], properties: [
    new OA\Property(property: 'lot', type: 'string'),
    new OA\Property(property: 'currency', type: 'string'),
    new OA\Property(property: 'per_kg', type: 'number'),
    new OA\Property(property: 'total', type: 'number'),
    new OA\Property(property: 'a_head', type: 'number'),
    new OA\Property(property: 'cooked_100g', type: 'number'),
])]
#[OA\Schema(schema: 'TicketPiece', type: 'object', additionalProperties: false, required: ['mark', 'diners', 'at_risk', 'word', 'avoid', 'raw_g', 'pieces', 'pull_core_c', 'can_probe', 'time', 'goes_on_after_s', 'on_heat_at', 'verdict'], properties: [
    new OA\Property(property: 'mark', type: 'string'),
    new OA\Property(property: 'diners', type: 'integer'),
    new OA\Property(property: 'at_risk', type: 'boolean'),
    new OA\Property(property: 'word', type: 'string'),
    new OA\Property(property: 'avoid', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'raw_g', type: 'number'),
    new OA\Property(property: 'pieces', type: 'number', nullable: true),
    new OA\Property(property: 'pull_core_c', type: 'number'),
    new OA\Property(property: 'can_probe', type: 'boolean'),
    new OA\Property(property: 'time', ref: '#/components/schemas/TimeRange'),
    new OA\Property(property: 'goes_on_after_s', type: 'number'),
    new OA\Property(property: 'on_heat_at', type: 'string', nullable: true),
    new OA\Property(property: 'verdict', type: 'string', enum: ['clear', 'caution', 'stop']),
])]
// Tickets given before engine 0.4 have no pieces or out_of_fridge_s; those before 0.3 have no surface, fires, losses, texture, tempering or keeping, and no metal_falls_to_c.
#[OA\Schema(schema: 'Ticket', type: 'object', additionalProperties: false, required: ['engine_version', 'cut', 'method', 'thickness_mm', 'is_round', 'start_c', 'heat_c', 'profile', 'also_profile', 'schools', 'verdict', 'amounts', 'price', 'trim', 'seasoning', 'target', 'pull_core_c', 'peak_core_c', 'carry_over_k', 'can_probe', 'pull_by', 'time', 'rest_s', 'total_s', 'effects', 'stages', 'timeline', 'on_heat_at', 'eat_at', 'slice', 'heat_ribbon', 'cross_section', 'log_reduction', 'cautions', 'doubts', 'sources'], properties: [
    new OA\Property(property: 'engine_version', type: 'string'),
    new OA\Property(property: 'cut', ref: '#/components/schemas/TicketCut'),
    new OA\Property(property: 'method', type: 'string'),
    new OA\Property(property: 'thickness_mm', type: 'number'),
    new OA\Property(property: 'is_round', type: 'boolean'),
    new OA\Property(property: 'surface', type: 'string', enum: ['patted', 'dried', 'wet']),
    new OA\Property(property: 'fires', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'start_c', type: 'number'),
    new OA\Property(property: 'heat_c', type: 'number'),
    new OA\Property(property: 'profile', type: 'string'),
    new OA\Property(property: 'also_profile', type: 'string', nullable: true),
    new OA\Property(property: 'schools', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'those that bear on it, as they were followed'),
    new OA\Property(property: 'out_of_fridge_s', type: 'number'),
    new OA\Property(property: 'verdict', ref: '#/components/schemas/Verdict'),
    new OA\Property(property: 'amounts', ref: '#/components/schemas/Amounts'),
    new OA\Property(property: 'price', oneOf: [new OA\Schema(ref: '#/components/schemas/Price'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'pieces', type: 'array', items: new OA\Items(ref: '#/components/schemas/TicketPiece'), description: 'what is cooked or seasoned apart; none where all eat alike'),
    new OA\Property(property: 'trim', type: 'object', nullable: true),
    new OA\Property(property: 'seasoning', type: 'object', nullable: true),
    new OA\Property(property: 'target', ref: '#/components/schemas/Target'),
    new OA\Property(property: 'pull_core_c', type: 'number'),
    new OA\Property(property: 'peak_core_c', type: 'number'),
    new OA\Property(property: 'carry_over_k', type: 'number'),
    new OA\Property(property: 'can_probe', type: 'boolean'),
    new OA\Property(property: 'pull_by', type: 'string', enum: ['core', 'clock', 'fork']),
    new OA\Property(property: 'time', ref: '#/components/schemas/TimeRange'),
    new OA\Property(property: 'rest_s', type: 'number'),
    new OA\Property(property: 'total_s', type: 'number'),
    new OA\Property(property: 'effects', type: 'array', items: new OA\Items(ref: '#/components/schemas/Effect')),
    new OA\Property(property: 'stages', type: 'array', items: new OA\Items(ref: '#/components/schemas/Stage')),
    new OA\Property(property: 'timeline', type: 'array', items: new OA\Items(ref: '#/components/schemas/TimelineLine')),
    new OA\Property(property: 'on_heat_at', type: 'string', nullable: true),
    new OA\Property(property: 'eat_at', type: 'string', nullable: true),
    new OA\Property(property: 'slice', type: 'string'),
    new OA\Property(property: 'heat_ribbon', ref: '#/components/schemas/HeatRibbon'),
    new OA\Property(property: 'cross_section', ref: '#/components/schemas/CrossSection'),
    new OA\Property(property: 'losses', ref: '#/components/schemas/Losses'),
    new OA\Property(property: 'texture', ref: '#/components/schemas/TextureMeter'),
    new OA\Property(property: 'tempering', oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'keeping', ref: '#/components/schemas/Phrase'),
    new OA\Property(property: 'log_reduction', ref: '#/components/schemas/LogReduction'),
    new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
    new OA\Property(property: 'doubts', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
    new OA\Property(property: 'sources', type: 'array', items: new OA\Items(ref: '#/components/schemas/Source')),
])]
#[OA\Schema(schema: 'Match', type: 'object', additionalProperties: false, required: ['cut', 'lot', 'method', 'score', 'reasons', 'doubts', 'verdict'], properties: [
    new OA\Property(property: 'cut', type: 'string'),
    new OA\Property(property: 'lot', type: 'string', nullable: true),
    new OA\Property(property: 'method', type: 'string'),
    new OA\Property(property: 'score', type: 'number', nullable: true),
    new OA\Property(property: 'reasons', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
    new OA\Property(property: 'doubts', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
    new OA\Property(property: 'verdict', type: 'string', enum: ['clear', 'caution', 'stop']),
])]
#[OA\Schema(schema: 'Advice', type: 'object', additionalProperties: false, required: ['matches', 'ticket'], properties: [
    new OA\Property(property: 'matches', type: 'array', items: new OA\Items(ref: '#/components/schemas/Match')),
    new OA\Property(property: 'ticket', ref: '#/components/schemas/Ticket'),
])]
final class TicketSchemas {}
