// The second demo scene: a copper kettle, two aubergines and a folded cloth by a window. Ours.
// povray +Ikettle.pov +Okettle.png +W1500 +H1125 +A0.2 +Q9 -D
#version 3.7;
#include "functions.inc"
global_settings { assumed_gamma 1.0 max_trace_level 8 }
camera { location <0, 3.1, -9> look_at <0, 1.35, 0> angle 40 right x*1500/1125 }
// window light from the left, warm bounce from the right
light_source { <-12, 9, -5> color rgb <1.15, 1.12, 1.05> area_light <0, 4, 0>, <0, 0, 3>, 5, 5 adaptive 1 jitter }
light_source { <9, 4, -8> color rgb <0.24, 0.19, 0.14> shadowless }

// wall, with a soft gradient of light, and the table
plane { z, 6 texture { pigment { gradient x scale 16 translate x*-8 color_map { [0 color rgb <0.62, 0.64, 0.60>] [1 color rgb <0.26, 0.30, 0.32>] } } finish { diffuse 0.7 ambient 0.08 } } }
box { <-9, -0.4, -3.2>, <9, 0, 4> texture { pigment { wood turbulence 0.06 scale <0.8, 0.25, 0.25> rotate y*88 color_map { [0 color rgb <0.30, 0.19, 0.11>] [1 color rgb <0.42, 0.27, 0.16>] } } finish { diffuse 0.75 ambient 0.06 reflection 0.03 specular 0.15 } } }

// window frame at the far left
union { box { <-6.4, 1.2, 5.6>, <-6.1, 7, 5.9> } box { <-4.2, 1.2, 5.6>, <-3.9, 7, 5.9> } box { <-6.6, 1.0, 5.4>, <-3.7, 1.25, 5.95> }
  texture { pigment { color rgb <0.78, 0.76, 0.70> } finish { diffuse 0.8 ambient 0.1 } } }
box { <-6.1, 1.25, 5.8>, <-4.2, 7, 5.85> texture { pigment { gradient y scale 6 color_map { [0 color rgb <0.75, 0.86, 0.92>] [1 color rgb <0.95, 0.98, 1>] } } finish { emission 0.95 diffuse 0 } } }

// kettle
#declare Copper = texture { pigment { color rgb <0.62, 0.27, 0.14> } normal { bumps 0.04 scale 0.4 }
  finish { diffuse 0.55 ambient 0.05 reflection { 0.10, 0.35 } metallic specular 0.7 roughness 0.03 } }
union {
  lathe { cubic_spline 9, <0.3, -0.1>, <1.15, 0>, <1.36, 0.5>, <1.30, 1.1>, <0.98, 1.65>, <0.62, 1.85>, <0.55, 1.95>, <0.50, 2.0>, <0.4, 2.1> }
  disc { y*0.02, y, 1.16 }
  sphere { 0, 0.58 scale <1, 0.42, 1> translate y*1.95 } sphere { <0, 2.28, 0>, 0.13 }
  sphere_sweep { cubic_spline 6, <0.9, 0.4, 0>, 0.34 <1.15, 0.7, 0>, 0.30 <1.65, 1.1, 0>, 0.20 <1.95, 1.65, 0>, 0.14 <2.25, 1.85, 0>, 0.11 <2.5, 1.9, 0>, 0.11 tolerance 0.1 }
  sphere_sweep { cubic_spline 7, <-0.9, 1.3, 0>, 0.08 <-0.85, 1.6, 0>, 0.08 <-0.75, 2.4, 0>, 0.08 <0, 3.0, 0>, 0.10 <0.75, 2.4, 0>, 0.08 <0.85, 1.6, 0>, 0.08 <0.9, 1.3, 0>, 0.08 tolerance 0.1 }
  texture { Copper } rotate y*-18 translate <1.1, 0, 0.8> }

// two aubergines
#macro Aubergine(Turn, P)
  union {
    sphere_sweep { cubic_spline 6, <-1.6, 0.45, 0>, 0.30 <-0.9, 0.52, 0>, 0.50 <0, 0.56, 0>, 0.55 <0.8, 0.5, 0.05>, 0.40 <1.35, 0.45, 0.1>, 0.24 <1.7, 0.45, 0.1>, 0.2 tolerance 0.1
      texture { pigment { color rgb <0.055, 0.02, 0.07> } finish { diffuse 0.7 ambient 0.06 specular 0.9 roughness 0.008 reflection { 0.03, 0.30 fresnel } conserve_energy } } interior { ior 1.5 } }
    cone { <1.25, 0.45, 0.1>, 0.30, <1.75, 0.45, 0.1>, 0.10 texture { pigment { color rgb <0.20, 0.30, 0.12> } finish { diffuse 0.7 ambient 0.06 } } }
    cylinder { <1.7, 0.45, 0.1>, <2.05, 0.62, 0.14>, 0.075 texture { pigment { color rgb <0.26, 0.34, 0.16> } finish { diffuse 0.7 ambient 0.06 } } }
    rotate y*Turn translate P }
#end
Aubergine(205, <-1.7, 0, -0.6>)
Aubergine(160, <-1.1, 0.05, -1.75>)

// folded cloth
isosurface { function { y - 0.16 - 0.14*sin(x*2.3 + 0.8*sin(z*1.7)) - 0.10*f_noise3d(x*1.6, 0, z*1.6) }
  contained_by { box { <1.0, 0, -2.9>, <5.2, 0.7, 0.2> } } max_gradient 3
  texture { pigment { gradient z scale 0.8 color_map { [0.0 color rgb <0.86, 0.82, 0.72>] [0.86 color rgb <0.86, 0.82, 0.72>] [0.86 color rgb <0.22, 0.34, 0.52>] [1.0 color rgb <0.22, 0.34, 0.52>] } } finish { diffuse 0.8 ambient 0.08 } } rotate y*9 }
