// The demo scene: an abandoned salt works at dusk. Ours, written for this project.
// povray +Isalt-works.pov +Osalt-works.png +W1600 +H1100 +A0.2 +Q9 -D
#version 3.7;
global_settings { assumed_gamma 1.0 max_trace_level 6 }
#declare Seed = seed(41);

camera { location <0, 2.6, -11> look_at <0.6, 1.75, 8> angle 52 right x*1600/1100 }
light_source { <-90, 26, 25> color rgb <1.5, 0.98, 0.62> }
light_source { <30, 60, -60> color rgb <0.16, 0.20, 0.30> shadowless }

sky_sphere { pigment { gradient y color_map {
  [0.00 color rgb <0.92, 0.62, 0.40>] [0.06 color rgb <0.90, 0.66, 0.50>] [0.16 color rgb <0.70, 0.62, 0.64>]
  [0.34 color rgb <0.36, 0.42, 0.58>] [1.00 color rgb <0.10, 0.16, 0.34>] } } }

// thin clouds
plane { y, 40 hollow texture { pigment { wrinkles turbulence 0.6 scale <60, 1, 14> color_map {
  [0.0 color rgbt <1, 1, 1, 1>] [0.55 color rgbt <1, 1, 1, 1>] [0.8 color rgbt <1.0, 0.74, 0.55, 0.55>] [1.0 color rgbt <0.85, 0.55, 0.50, 0.3>] } }
  finish { emission 0.7 diffuse 0 } } no_shadow }

// far violet hills, two ranges
#include "functions.inc"
#macro Range(Z, H, Col, S)
  isosurface { function { y - H*(0.34 + 0.62*f_noise3d(x/S, Z, 0)) - 0.10*H*f_noise3d(x/3, y/2, z/3) - 0.05*(z - Z) }
    contained_by { box { <-95, -1, Z - 8>, <95, H*1.3, Z + 4> } } max_gradient 3
    texture { pigment { color Col } finish { diffuse 0.5 ambient 0.32 } } }
#end
Range(98, 15, rgb <0.42, 0.36, 0.54>, 34)
Range(68, 7.5, rgb <0.33, 0.29, 0.41>, 22)

// the flat, and the evaporation pans with low dykes between
plane { y, 0 texture { pigment { bozo scale 1.5 color_map { [0 color rgb <0.36, 0.29, 0.24>] [1 color rgb <0.50, 0.42, 0.34>] } } finish { diffuse 0.7 ambient 0.08 } } }
#declare Water = texture { pigment { color rgb <0.10, 0.13, 0.16> }
  normal { ripples 0.03 scale <2.5, 1, 0.5> } finish { reflection { 0.25, 0.85 fresnel } conserve_energy diffuse 0.3 ambient 0.05 specular 0.2 } }
#declare WaterIor = interior { ior 1.33 }
#macro Pan(X1, Z1, X2, Z2)
  box { <X1, 0.01, Z1>, <X2, 0.05, Z2> texture { Water } interior { WaterIor } }
#end
#macro Dyke(X1, Z1, X2, Z2)
  cylinder { <X1, 0, Z1>, <X2, 0, Z2>, 0.26 scale <1, 0.85, 1> texture { pigment { granite scale 0.6 color_map {
    [0 color rgb <0.52, 0.44, 0.35>] [1 color rgb <0.74, 0.66, 0.56>] } } normal { granite 0.4 scale 0.4 } finish { diffuse 0.75 ambient 0.08 } } }
#end
#declare I = 0;
#while (I < 5)
  #declare Z1 = 0.6 + I*4.6;
  Pan(-17, Z1, -3.9, Z1+4)   Pan(-3.3, Z1, 3.6, Z1+4)   Pan(4.2, Z1, 19, Z1+4)
  Dyke(-20, Z1+4.3, 24, Z1+4.3)
  #declare I = I + 1;
#end
Dyke(-3.6, 0.2, -3.6, 24)
Dyke(3.9, 0.2, 3.9, 24)
Dyke(-20, 0.2, 24, 0.2)

// salt heaps
#macro Heap(P, R)
  cone { P, R, P + <0, R*0.75, 0>, R*0.08 texture { pigment { color rgb <0.93, 0.90, 0.86> } normal { bumps 0.3 scale 0.12 } finish { diffuse 0.85 ambient 0.12 } } }
#end
Heap(<-7.6, 0, 9.4>, 1.2) Heap(<-9.8, 0, 9.6>, 0.9) Heap(<-5.7, 0, 14.1>, 0.9) Heap(<8.6, 0, 18.5>, 1.1)

// the rusting sluice gate
#declare Rust = texture { pigment { granite scale 0.8 turbulence 0.4 color_map { [0 color rgb <0.20, 0.08, 0.05>] [0.5 color rgb <0.48, 0.17, 0.07>] [1 color rgb <0.66, 0.30, 0.12>] } }
  normal { granite 0.5 scale 0.3 } finish { diffuse 0.75 ambient 0.07 specular 0.08 } }
#declare Timber = texture { pigment { wood scale 0.12 color_map { [0 color rgb <0.20, 0.16, 0.14>] [1 color rgb <0.34, 0.28, 0.23>] } } finish { diffuse 0.7 ambient 0.07 } }
union {
  box { <-1.0, 0, -0.16>, <-0.78, 2.9, 0.16> } box { <0.78, 0, -0.16>, <1.0, 2.9, 0.16> } box { <-1.2, 2.75, -0.2>, <1.2, 3.0, 0.2> }
  texture { Timber } translate <3.9, 0, 4.7> }
union {
  box { <-0.78, 0.35, -0.05>, <0.78, 1.75, 0.05> } box { <-0.78, 0.6, -0.1>, <0.78, 0.72, 0.1> } box { <-0.78, 1.25, -0.1>, <0.78, 1.37, 0.1> }
  cylinder { <0, 1.7, 0>, <0, 3.6, 0>, 0.06 } torus { 0.42, 0.055 translate y*3.45 }
  cylinder { <-0.42, 3.45, 0>, <0.42, 3.45, 0>, 0.035 } cylinder { <0, 3.45, -0.42>, <0, 3.45, 0.42>, 0.035 }
  texture { Rust } translate <3.9, 0, 4.7> }

// a shed with a broken roof, far left
union {
  box { <-1.6, 0, -1.2>, <1.6, 1.6, 1.2> }
  prism { -1.35, 1.35, 4, <-1.9, 0>, <1.9, 0>, <0, 1.2>, <-1.9, 0> rotate x*-90 translate y*1.6 }
  texture { Timber } rotate y*24 translate <-11.5, 0, 19> }

// the low dune, right foreground, with blue-green scrub
#declare Dune = isosurface { function { y - 1.5*exp(-(pow((x-6.2)/3.6, 2) + pow((z+3.4)/2.4, 2))) - 0.10*f_noise3d(x*1.1, 0, z*1.1) + 0.13 }
  contained_by { box { <-6, -0.2, -9>, <22, 2.2, 4> } } max_gradient 4 accuracy 0.003
  texture { pigment { bozo scale 0.8 color_map { [0 color rgb <0.66, 0.52, 0.36>] [1 color rgb <0.80, 0.66, 0.48>] } } normal { ripples 0.15 scale 0.35 } finish { diffuse 0.8 ambient 0.07 } } }
object { Dune }
#macro Tuft(P, S)
  #declare K = 0;
  union { #while (K < 90)
    #local A = rand(Seed)*2*pi; #local T = 0.15 + 0.55*rand(Seed); #local L = S*(0.5 + 0.5*rand(Seed));
    cone { <0,0,0>, 0.030*S, <1.3*L*T*cos(A), 0.85*L, 1.3*L*T*sin(A)>, 0.006 }
    #declare K = K + 1;
  #end
  sphere { <0, 0, 0>, 0.26*S scale <1.2, 0.5, 1.2> }
  texture { pigment { color rgb <0.12+0.10*rand(Seed), 0.28+0.10*rand(Seed), 0.24+0.08*rand(Seed)> } finish { diffuse 0.75 ambient 0.06 } }
  translate P }
#end
#declare J = 0;
#while (J < 70)
  #local X = 3.6 + 5.6*rand(Seed); #local Z = -5.6 + 4.2*rand(Seed);
  #local Y = 1.5*exp(-(pow((X-6.2)/3.6, 2) + pow((Z+3.4)/2.4, 2))) - 0.1;
  Tuft(<X, Y - 0.05, Z>, 0.35 + 0.45*rand(Seed))
  #declare J = J + 1;
#end
#declare J = 0;
#while (J < 26)
  Tuft(<-6.8 + 3.2*rand(Seed), 0, -4.6 + 2.2*rand(Seed)>, 0.35 + 0.35*rand(Seed))
  #declare J = J + 1;
#end
